import { t } from '@lingui/core/macro';
import type { Spot } from '../api/types';
import { TappedGrid } from './TappedGrid';
import { spoken } from '../data/cells';
import css from './drawn.module.css';

/** The way to a word as small grids, one a tap, the tapped cell filled. */
export function Route({ spot }: { spot: Spot }) {
  if (!spot.taps) return <span className={css.route}>{t`no taps lead to ${spot.name}`}</span>;
  return (
    <span className={css.route} title={[...spot.taps.map((t) => `${t.name}, ${spoken(t.cell)}`), `${spot.name}, ${spoken(spot.cell)}`].join('; then ')}>
      {spot.taps.map((t) => (
        <TappedGrid key={t.board} rows={t.rows} columns={t.columns} cell={t.cell} />
      ))}
      <TappedGrid rows={spot.rows} columns={spot.columns} cell={spot.cell} />
      <span>{spot.name}</span>
    </span>
  );
}
