import { useUnit } from './Length';
import { ticks } from './ruler';
import css from './print.module.css';

const SHORT = 1_500;
const LONG = 3_000;
const TYPE = 2_800;

/** Along the top edge of a sheet, where printers cannot print; it is not on paper. */
export function Ruler({ width }: { width: number }) {
  const unit = useUnit();
  return (
    <g aria-hidden className={css.ruler}>
      {ticks(width, unit).map(({ at, number }) => (
        <g key={at}>
          <line x1={at} y1={0} x2={at} y2={number === undefined ? SHORT : LONG} />
          {number !== undefined && (
            <text x={at} y={LONG + TYPE} fontSize={TYPE} textAnchor="middle">
              {number} {unit}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}
