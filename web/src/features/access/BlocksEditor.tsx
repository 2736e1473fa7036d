import { t } from '@lingui/core/macro';
import { useState } from 'react';
import type { Board, Scanning } from '../../api/types';
import { spoken } from '../../data/cells';
import css from './settings.module.css';
import parts from '../../shell/parts.module.css';

const MOST = 12;
type Blocks = Scanning['blocks'][number];

const ofShape = (blocks: Blocks[], { rows, columns }: Board) => blocks.find((b) => b.rows === rows && b.columns === columns);

/** Parts the boards of one shape into blocks: a block is chosen, then its cells are touched. */
export function BlocksEditor({ board, blocks, onChange, onClose }: { board: Board; blocks: Blocks[]; onChange: (to: Blocks[]) => void; onClose: () => void }) {
  const [block, setBlock] = useState(1);
  const { rows, columns } = board;
  const cells = ofShape(blocks, board)?.cells ?? Array.from({ length: rows * columns }, () => 0);
  const most = Math.min(MOST, Math.max(...cells, 1) + 1);
  const give = (i: number) => {
    const now = cells.map((was, at) => (at === i ? (was === block ? 0 : block) : was));
    onChange([...blocks.filter((b) => b !== ofShape(blocks, board)), ...(now.some((n) => n > 0) ? [{ rows, columns, cells: now }] : [])]);
  };
  return (
    <section aria-label={t`Blocks`}>
      <p>
        {t`Choose a block, then touch the cells that are to light up with it. What is in no block lights up by rows.`}{' '}
        {t`This holds for every board of ${rows} x ${columns} cells.`}
      </p>
      <div className={css.blockNumbers} role="group" aria-label={t`Which block`}>
        {Array.from({ length: most }, (_, i) => (
          <button key={i} type="button" data-block={i + 1} aria-pressed={block === i + 1} onClick={() => setBlock(i + 1)}>
            {t`block ${i + 1}`}
          </button>
        ))}
      </div>
      <div className={css.blocks} style={{ gridTemplateColumns: `repeat(${columns}, 1fr)` }}>
        {cells.map((n, i) => {
          const cell = { row: Math.floor(i / columns), column: i % columns };
          const label = board.buttons.find((b) => b.cell.row === cell.row && b.cell.column === cell.column)?.label;
          return (
            <button
              key={i}
              type="button"
              data-block={n || undefined}
              aria-label={n ? t`${spoken(cell)}, ${label ?? t`empty`}, in block ${n}` : t`${spoken(cell)}, ${label ?? t`empty`}, in no block`}
              onClick={() => give(i)}
            >
              <span>{label}</span>
              {n > 0 && <strong>{n}</strong>}
            </button>
          );
        })}
      </div>
      <p className={parts.sentenceButtons}>
        <button type="button" className={parts.door} onClick={onClose}>{t`Done`}</button>
      </p>
    </section>
  );
}
