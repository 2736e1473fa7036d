import { plural, t } from '@lingui/core/macro';
import { Button, Radio } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Board, Changed, RegridSeen, VocabularyView } from '../../api/types';
import type { Wish } from '../../data/boards';
import type { Choice } from './choice';
import css from './regrid.module.css';

interface Props {
  view: VocabularyView;
  board: Board;
  choice: Choice;
  seen: RegridSeen;
  onChoose: (choice: Choice) => void;
  onMake: (wish: Wish) => Promise<Changed | undefined>;
}

/** What else there is to do, with the same figures. */
export function Ways({ view, board, choice, seen, onChoose, onMake }: Props) {
  const ways = [...seen.ways].sort((a, b) => a.how.localeCompare(b.how));
  return (
    <>
      {ways.length > 1 && (
        <Radio.Group
          className={css.lines}
          aria-label={t`How words are kept`}
          value={choice.how ?? 'NEAREST'}
          onChange={(e) => onChoose({ ...choice, how: e.target.value as Choice['how'] })}
          options={ways.map((way) => ({
            value: way.how,
            label: (
              <span>
                {way.how === 'NEAREST' ? t`Words stay as near to their places as can be` : t`Words stay in their row and column, and cells become smaller`}
                <small className={css.figures}>{figures(way)}</small>
              </span>
            ),
          }))}
        />
      )}
      {choice.scope === 'BOARD' && <SecondBoard view={view} board={board} second={seen.second} onMake={onMake} />}
    </>
  );
}

function figures({ moved, mm, free }: RegridSeen['ways'][number]): string {
  const found = plural(moved, { one: '# word not found where it was', other: '# words not found where they were' });
  return t`${found}, ${Math.round(mm)} mm together, ${plural(free, { one: '# free cell', other: '# free cells' })}`;
}

/** Leaving the board as it is, with a second one beside it. */
function SecondBoard({ view, board, second, onMake }: Pick<Props, 'view' | 'board' | 'onMake'> & { second: RegridSeen['second'] }) {
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  async function link() {
    setBusy(true);
    const changed = await onMake({ what: 'board', base: view.version, name: t`${board.name} 2`, openedFrom: board.id, at: second.at });
    setBusy(false);
    const made = changed?.added.find((id) => changed.boards.some((b) => b.id === id));
    if (made) void navigate(`/vocabularies/${view.id}/boards/${encodeURIComponent(made)}`);
  }
  return (
    <div className={css.second}>
      <strong>{t`Or leave it, and link a second board`}</strong>
      <small className={css.figures}>
        {second.at
          ? t`No word moves; ${second.cells} cells more, each one tap further. The way there takes one of the free cells.`
          : t`No word would move; but no cell is free for the way there. Take one button off first.`}
      </small>
      <Button disabled={busy || !second.at} onClick={() => void link()}>
        {t`Link a second board`}
      </Button>
    </div>
  );
}
