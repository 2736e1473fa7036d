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
      {choice.scope === 'BOARD' && <SecondBoard view={view} board={board} onMake={onMake} />}
    </>
  );
}

function figures({ moved, mm, free }: RegridSeen['ways'][number]): string {
  const found = plural(moved, { one: '# word not found where it was', other: '# words not found where they were' });
  return t`${found}, ${Math.round(mm)} mm together, ${plural(free, { one: '# free cell', other: '# free cells' })}`;
}

/** Leaving the board as it is, with a second one beside it. */
function SecondBoard({ view, board, onMake }: Pick<Props, 'view' | 'board' | 'onMake'>) {
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const kept = view.boards.find((b) => b.id === board.id)?.keptFree ?? [];
  const taken = new Set(board.buttons.flatMap((b) => cellsOf(b.cell, b.span)).concat(kept.map((c) => `${c.row} ${c.column}`)));
  const free = Array.from({ length: board.rows * board.columns }, (_, i) => ({ row: Math.floor(i / board.columns), column: i % board.columns })).filter(
    (c) => !taken.has(`${c.row} ${c.column}`),
  );
  async function link() {
    setBusy(true);
    const changed = await onMake({ what: 'board', base: view.version, name: t`${board.name} 2`, openedFrom: board.id, at: free[0] });
    setBusy(false);
    const made = changed?.added.find((id) => changed.boards.some((b) => b.id === id));
    if (made) void navigate(`/vocabularies/${view.id}/boards/${encodeURIComponent(made)}`);
  }
  return (
    <div className={css.second}>
      <strong>{t`Or leave it, and link a second board`}</strong>
      <small className={css.figures}>
        {free.length > 0
          ? t`No word moves; ${board.rows * board.columns - 2} cells more, each one tap further. The way there takes one of the free cells.`
          : t`No word would move; but no cell is free for the way there. Take one button off first.`}
      </small>
      <Button disabled={busy || free.length === 0} onClick={() => void link()}>
        {t`Link a second board`}
      </Button>
    </div>
  );
}

const cellsOf = (cell: Board['buttons'][number]['cell'], span: Board['buttons'][number]['span']) =>
  Array.from({ length: span.rows * span.columns }, (_, i) => `${cell.row + Math.floor(i / span.columns)} ${cell.column + (i % span.columns)}`);
