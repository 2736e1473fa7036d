import { t } from '@lingui/core/macro';
import { Button } from 'antd';
import type { Glance } from '../../api/types';
import { useEdits } from '../edit';
import css from './students.module.css';

/** What is worth doing next, each with the one click that does it. */
export function Next({ glance, mayEdit, most }: { glance: Glance; mayEdit: boolean; most?: number }) {
  const { edit, asking } = useEdits(glance.vocabulary);
  if (glance.next.length === 0) return null;
  return (
    <>
      {asking}
      <ul className={css.next} aria-label={t`Worth doing next`}>
        {glance.next.slice(0, most).map((n) => (
          <li key={n.sentence}>
            <span>{n.sentence}</span>
            {mayEdit && (
              <Button size="small" onClick={() => void edit(n.intention, glance.version)}>
                {n.does}
              </Button>
            )}
          </li>
        ))}
        {most !== undefined && glance.next.length > most && <li>{t`and ${glance.next.length - most} more on the student’s page`}</li>}
      </ul>
    </>
  );
}
