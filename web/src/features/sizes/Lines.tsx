import { t } from '@lingui/core/macro';
import type { CellSizes, GridSize } from '../../api/types';
import parts from '../../shell/parts.module.css';
import css from './sizes.module.css';

const WIDEST_PX = 90;

/** Each vocabulary, starter and grid with its cells, drawn as large as they are against each other. */
export function Lines({ sizes: { hand, lines }, name }: { sizes: CellSizes; name: string }) {
  const widest = Math.max(...lines.map((l) => l.widthMm));
  return (
    <>
      <p>
        {hand
          ? t`Found right for ${name}’s hand: cells of ${Math.round(hand.leastCell / 1000)} mm at least.`
          : t`What ${name}’s hand needs was not found out yet. Cells below 10 mm are missed by many hands.`}
      </p>
      <table className={css.table}>
        <thead>
          <tr>
            <th scope="col">{t`Of`}</th>
            <th scope="col">{t`Grid`}</th>
            <th scope="col">{t`One cell`}</th>
            <th scope="col">{hand ? t`For this hand` : t`For many hands`}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((l, i) => (
            <tr key={i}>
              <th scope="row">{called(l)}</th>
              <td>{t`${l.rows} x ${l.columns}`}</td>
              <td>
                <Cell wide={(WIDEST_PX * l.widthMm) / widest} proportion={l.widthMm / l.heightMm} />{' '}
                {t`${Math.round(l.widthMm)} x ${Math.round(l.heightMm)} mm`}
              </td>
              <td>{fits(l)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

const Cell = ({ wide, proportion }: { wide: number; proportion: number }) => (
  <span className={css.cell} style={{ inlineSize: `${wide}px`, aspectRatio: proportion }} aria-hidden="true" />
);

function called({ of, name }: GridSize): string {
  if (of === 'STARTER') return t`the starter ${name ?? ''}`;
  return of === 'VOCABULARY' ? (name ?? '') : t`a grid`;
}

function fits({ suits, small }: GridSize) {
  const enough = suits ?? !small;
  return enough ? <strong>{t`large enough`}</strong> : <span className={parts.quiet}>{t`too small`}</span>;
}
