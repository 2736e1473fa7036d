import { t } from '@lingui/core/macro';
import type { CellSizes, GridSize } from '../../api/types';
import { dayOf } from '../../shell/time';
import type { Hit } from '../pointing';
import parts from '../../shell/parts.module.css';
import css from './sizes.module.css';

const WIDEST_PX = 90;

interface Props {
  sizes: CellSizes;
  name: string;
  /** What was hit of a grid when it was last pointed at; none where nothing is known. */
  hit?: (rows: number, columns: number) => Hit | undefined;
}

/** Each vocabulary, starter and grid with its cells, drawn as large as they are against each other. */
export function Lines({ sizes: { hand, lines }, name, hit }: Props) {
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
            {hit && <th scope="col">{t`Was hit`}</th>}
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
              {hit && <td>{asHit(hit(l.rows, l.columns))}</td>}
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

function asHit(found?: Hit) {
  if (!found) return '';
  return (
    <>
      {t`${found.hits} of ${found.tries}`} <small className={parts.quiet}>{dayOf(found.day)}</small>
    </>
  );
}

function called({ of, name }: GridSize): string {
  if (of === 'STARTER') return t`the starter ${name ?? ''}`;
  return of === 'VOCABULARY' ? (name ?? '') : t`a grid`;
}

function fits({ suits, small }: GridSize) {
  const enough = suits ?? !small;
  return enough ? <strong>{t`large enough`}</strong> : <span className={parts.quiet}>{t`too small`}</span>;
}
