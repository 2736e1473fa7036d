import { plural, t } from '@lingui/core/macro';
import type { PointingView, SizeFound } from '../../api/types';
import parts from '../../shell/parts.module.css';
import { cells } from './Game';
import { asides, helping, zones } from './found';
import css from './pointing.module.css';

/** What one check found: each size with its bounds, where it fails, and what might help. */
export function Found({ check, name }: { check: PointingView; name: string }) {
  const proposed = check.proposed === undefined || check.proposed === null ? undefined : check.sizes[check.proposed];
  return (
    <>
      <p className={css.verdict}>
        {proposed ? t`Cells of ${mm(proposed)} are the smallest ${name} hits for sure.` : t`No size is hit for sure in ${check.level} of 100 yet.`}
      </p>
      {proposed && (
        <p>
          {t`${proposed.hits} of ${proposed.tries} were hit: with 95 % confidence at least ${proposed.lower} of 100 would be. ${check.level} were asked for.`}
        </p>
      )}
      {check.ended && <p className={parts.quiet}>{t`It was broken off.`}</p>}
      <table className={css.table}>
        <thead>
          <tr>
            <th scope="col">{t`Cells`}</th>
            <th scope="col">{t`Hit`}</th>
            <th scope="col">{t`Of 100, with 95 % confidence`}</th>
            <th scope="col">{t`Beside`}</th>
            <th scope="col">{t`Time`}</th>
          </tr>
        </thead>
        <tbody>
          {check.sizes.map((s) => (
            <tr key={`${s.rows} ${s.columns}`} className={s === proposed ? css.proposed : undefined}>
              <th scope="row">
                {mm(s)} <small className={css.small}>{t`${s.rows} x ${s.columns}`}</small>
              </th>
              <td>{t`${s.hits} of ${s.tries}`}</td>
              <td>
                <Bounds size={s} level={check.level} /> {t`${s.lower} to ${s.upper}`}
                {!s.reaches && s.hits > 0 && (
                  <small className={css.small}>{plural(s.more, { one: '# more hit in a row would do', other: '# more hits in a row would do' })}</small>
                )}
              </td>
              <td>{s.near}</td>
              <td>{s.millis === undefined || s.millis === null ? '' : t`${(s.millis / 1000).toFixed(1)} s`}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className={css.maps}>
        {check.sizes.map((s) => (
          <Missed key={`${s.rows} ${s.columns}`} size={s} />
        ))}
      </div>
      {(check.where || check.aside) && (
        <p>
          {check.where && t`Most is missed ${zones[check.where]()}.`} {check.aside && t`Most that miss land ${asides[check.aside]()} the target.`}
        </p>
      )}
      {check.helps.length > 0 && (
        <>
          <h4>{t`What might help`}</h4>
          <ul>
            {check.helps.map((help) => (
              <li key={help}>{helping[help]()}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

export const mm = ({ widthMm, heightMm }: Pick<SizeFound, 'widthMm' | 'heightMm'>) => t`${Math.round(widthMm)} x ${Math.round(heightMm)} mm`;

/** The share that was hit, between its bounds, and the level. */
function Bounds({ size, level }: { size: SizeFound; level: number }) {
  return (
    <span className={css.bounds} aria-hidden="true">
      <span className={css.between} style={{ insetInlineStart: `${size.lower}%`, inlineSize: `${size.upper - size.lower}%` }} />
      <span className={css.level} style={{ insetInlineStart: `${level}%` }} />
    </span>
  );
}

/** Where on the board it fails: the darker a cell the more it was missed; a line leads to what was touched instead. */
function Missed({ size }: { size: SizeFound }) {
  const { rows, columns } = size;
  const of = (row: number, column: number) => size.cells.find((c) => c.cell.row === row && c.cell.column === column);
  const missed = size.cells.filter((c) => c.hits < c.tries).map((c) => t`row ${c.cell.row + 1}, place ${c.cell.column + 1}`);
  return (
    <figure className={css.map}>
      <svg
        viewBox={`0 0 ${columns * size.widthMm} ${rows * size.heightMm}`}
        role="img"
        aria-label={missed.length > 0 ? t`Missed: ${missed.join('; ')}` : t`Nothing was missed`}
      >
        {cells(rows, columns).map(({ row, column }) => {
          const one = of(row, column);
          const share = one ? 1 - one.hits / one.tries : 0;
          return (
            <rect
              key={`${row} ${column}`}
              x={column * size.widthMm + 1}
              y={row * size.heightMm + 1}
              width={size.widthMm - 2}
              height={size.heightMm - 2}
              rx={3}
              className={one ? css.tried : css.untried}
              style={share > 0 ? { fillOpacity: 0.25 + 0.75 * share } : undefined}
              data-missed={share > 0 || undefined}
            />
          );
        })}
        {size.cells.flatMap((c) =>
          c.instead.map((i, n) => (
            <g key={`${c.cell.row} ${c.cell.column} ${n}`} className={css.instead}>
              <line
                x1={(c.cell.column + 0.5) * size.widthMm}
                y1={(c.cell.row + 0.5) * size.heightMm}
                x2={(i.column + 0.5) * size.widthMm}
                y2={(i.row + 0.5) * size.heightMm}
              />
              <circle cx={(i.column + 0.5) * size.widthMm} cy={(i.row + 0.5) * size.heightMm} r={Math.min(size.widthMm, size.heightMm) / 10} />
            </g>
          )),
        )}
      </svg>
      <figcaption>{t`${rows} x ${columns}`}</figcaption>
    </figure>
  );
}
