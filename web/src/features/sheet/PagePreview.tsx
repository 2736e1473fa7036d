import type { Mark, Page, Rect } from '../../api/types';
import { pictureAddress } from '../../data/pictureAddress';
import { useArt } from '../../drawn/art';
import { kindColour } from '../../drawn/kinds';
import { useId } from 'react';
import css from './print.module.css';

/** Draws the abstract page the server laid out; one unit is a micrometre. */
export function PagePreview({ page, label }: { page: Pick<Page, 'width' | 'height' | 'marks'>; label: string }) {
  return (
    <svg
      className={css.sheet}
      viewBox={`0 0 ${page.width} ${page.height}`}
      role={label ? 'img' : 'presentation'}
      aria-label={label || undefined}
      style={{ aspectRatio: `${page.width} / ${page.height}` }}
    >
      {page.marks.map((mark, i) => (
        <Drawn key={i} mark={mark} />
      ))}
    </svg>
  );
}

function Seen({ window, marks }: { window: Rect; marks: Mark[] }) {
  const id = useId();
  return (
    <g clipPath={`url(#${id})`}>
      <clipPath id={id}>
        <rect x={window.x} y={window.y} width={window.width} height={window.height} />
      </clipPath>
      {marks.map((mark, i) => (
        <Drawn key={i} mark={mark} />
      ))}
    </g>
  );
}

function Drawn({ mark }: { mark: Mark }) {
  const art = useArt();
  switch (mark.type) {
    case 'card':
      return (
        <rect
          className={css.sheetCard}
          x={mark.rect.x}
          y={mark.rect.y}
          width={mark.rect.width}
          height={mark.rect.height}
          rx={mark.radius}
          style={{
            ...(mark.fill && { fill: mark.fill }),
            ...(mark.border && { stroke: mark.border }),
            ...(mark.edge > 0 && { strokeWidth: mark.edge }),
          }}
        />
      );
    case 'line':
      return <line className={mark.dashed ? css.sheetCut : css.sheetLine} x1={mark.x1} y1={mark.y1} x2={mark.x2} y2={mark.y2} />;
    case 'picture':
      return <image href={pictureAddress(mark.picture, art)} x={mark.rect.x} y={mark.rect.y} width={mark.rect.width} height={mark.rect.height} />;
    case 'writing':
      return (
        <text
          className={mark.onDark ? css.sheetWhite : mark.faint ? css.sheetFaint : undefined}
          x={mark.x}
          y={mark.y}
          fontSize={mark.size}
          textAnchor={mark.centred ? 'middle' : 'start'}
        >
          {mark.text}
        </text>
      );
    case 'outlined':
      return <path className={mark.onDark ? css.sheetWhite : mark.faint ? css.sheetFaint : css.sheetInk} d={mark.path} />;
    case 'stroke':
      return (
        <path
          className={css.sheetStroke}
          d={`M${mark.points.map((p) => `${p.x} ${p.y}`).join('L')}${mark.closed ? 'Z' : ''}`}
          stroke={mark.colour}
          strokeWidth={mark.width}
        />
      );
    case 'within':
      return <Seen window={mark.window} marks={mark.marks} />;
    case 'shape':
      return <polygon className={kindColour(mark.kind)} points={mark.points.map((p) => `${p.x},${p.y}`).join(' ')} />;
  }
}
