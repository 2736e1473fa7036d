import { plural, t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Button, VocabularyView } from '../../api/types';
import type { Wish } from '../../data/boards';
import { shrinking } from '../../data/growth';
import parts from '../../shell/parts.module.css';
import { GrowDialog } from './GrowDialog';

/** What is wished of a word here. */
export type GrowWish = Extract<Wish, { what: 'grow' | 'shrink' }>;

interface Props {
  view: VocabularyView;
  board: string;
  button: Button;
  onWish: (wish: GrowWish) => Promise<unknown>;
}

/** Beside a word: letting it grow; beside a grown one: making it one word again. */
export function GrowOrShrink(props: Props) {
  const { leads, label, says } = props.button;
  if (leads.type === 'opens') return <Shrink {...props} />;
  return leads.type === 'stays' && label && says.type !== 'nothing' ? <Grow {...props} /> : null;
}

function Grow({ view, board, button, onWish }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <p>
        <button type="button" className={parts.dotted} onClick={() => setOpen(true)}>{t`let it grow…`}</button>
      </p>
      {open && (
        <GrowDialog
          view={view}
          board={board}
          word={{ board, button: button.id }}
          onGrow={(growing) => onWish({ what: 'grow', base: view.version, growing })}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}

function Shrink({ view, board, button, onWish }: Props) {
  const { data } = useQuery(shrinking(view.id, view.version, { board, button: button.id }));
  if (!data?.grown) return null;
  const added = data.added.join(', ');
  return (
    <p>
      {t`It has grown: it opens ${data.opened}.`}{' '}
      {data.added.length > 0 && t`Put there or changed there since: ${added}. As one word again it leaves them waiting there, and nothing is lost.`}{' '}
      {data.also.length > 0 &&
        plural(data.also.length, { one: 'Another button opens that board too, so it stays.', other: '# other buttons open that board too, so it stays.' })}{' '}
      <button type="button" className={parts.dotted} onClick={() => void onWish({ what: 'shrink', base: view.version, board, button: button.id })}>
        {t`make it one word again`}
      </button>
    </p>
  );
}
