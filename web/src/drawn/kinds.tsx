import type { Kind } from '../api/types';
import drawn from './drawn.module.css';

const shapes: Record<Kind, React.ReactNode> = {
  who: <circle cx="8" cy="8" r="6.4" />,
  do: <path d="M8 1.5 15 14.5H1Z" />,
  social: <path d="M8 .8 15.2 8 8 15.2 .8 8Z" />,
  describing: <path d="M2 2h12v12H2Z" />,
  thing: <path d="M.5 5.5h15v5H.5Z" />,
  where: <path d="M8 .8 15.4 6.2 12.6 14.8H3.4L.6 6.2Z" />,
  little: <circle cx="8" cy="8" r="3.8" />,
  question: (
    <text x="8" y="14" textAnchor="middle" fontSize="16" fontWeight="700">
      ?
    </text>
  ),
};

/** The fill of a kind, wherever its mark is drawn. */
export const kindColour = (kind: string) => drawn[`kind${kind[0].toUpperCase()}${kind.slice(1)}`];

/** Our own mark of a word's kind: shape and colour, so that neither is needed alone. */
export function KindMark({ kind }: { kind: Kind }) {
  return (
    <svg className={`${drawn.kindMark} ${kindColour(kind)}`} viewBox="0 0 16 16" aria-hidden="true">
      {shapes[kind]}
    </svg>
  );
}
