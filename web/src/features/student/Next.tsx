import { App, Button } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { sentence } from '../../api/client';
import type { Glance } from '../../api/types';
import { useChanges } from '../board/boards';
import css from './students.module.css';

/** What is worth doing next, each with the one click that does it. */
export function Next({ glance, mayEdit, most }: { glance: Glance; mayEdit: boolean; most?: number }) {
  const { message } = App.useApp();
  const queries = useQueryClient();
  const changes = useChanges(glance.vocabulary);
  if (glance.next.length === 0) return null;
  async function does(next: Glance['next'][number]) {
    try {
      await changes.mutateAsync({ what: 'edit', base: glance.version, edit: next.intention });
      await queries.invalidateQueries({ queryKey: ['glances'] });
      await queries.invalidateQueries({ queryKey: ['glance'] });
    } catch (error) {
      void message.error(sentence(error), 6);
    }
  }
  return (
    <ul className={css.next} aria-label="Worth doing next">
      {glance.next.slice(0, most).map((n) => <li key={n.sentence}><span>{n.sentence}</span>{mayEdit && <Button size="small" onClick={() => void does(n)}>{n.does}</Button>}</li>)}
      {most !== undefined && glance.next.length > most && <li>and {glance.next.length - most} more on the student’s page</li>}
    </ul>
  );
}
