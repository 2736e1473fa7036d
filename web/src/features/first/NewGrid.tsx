import { t } from '@lingui/core/macro';
import type { FirstRoom, Student } from '../../api/types';
import css from './first.module.css';

/** Its cells and the gaps between them as they are on the student's screen, before anything stands in them. `sentence`: the two words of the row above. */
export function NewGrid({ room, screen, sentence }: { room: FirstRoom; screen: Student['screen']; sentence?: [string, string] }) {
  const { rows, columns, cellWidthMm: wide, cellHeightMm: high, gapMm: gap } = room;
  const across = (cells: number) => cells * wide + (cells - 1) * gap;
  const height = rows * high + (rows - 1) * gap;
  const rest = Array.from({ length: columns * (sentence ? rows - 1 : rows) }, (_, i) => ({
    x: (i % columns) * (wide + gap),
    y: (Math.floor(i / columns) + (sentence ? 1 : 0)) * (high + gap),
    width: wide,
    word: '',
  }));
  const row = sentence
    ? [
        { x: 0, y: 0, width: wide, word: sentence[0] },
        { x: wide + gap, y: 0, width: across(columns - 1), word: sentence[1] },
      ]
    : [];
  return (
    <svg
      className={screen.height > screen.width ? `${css.newGrid} ${css.portrait}` : css.newGrid}
      viewBox={`0 0 ${across(columns)} ${height}`}
      role="img"
      aria-label={t`${rows} x ${columns} cells of ${Math.round(wide)} x ${Math.round(high)} mm`}
    >
      {[...row, ...rest].map(({ x, y, width, word }) => (
        <g key={`${x} ${y}`}>
          <rect x={x} y={y} width={width} height={high} rx={3} />
          <text x={x + width / 2} y={y + high / 2} fontSize={Math.min(9, high / 3)}>
            {word}
          </text>
        </g>
      ))}
    </svg>
  );
}
