import { outline, type Wave } from './wave';
import css from './recording.module.css';

const PARTS = 60;

/** A recording drawn as how loud it is. */
export function Outline({ wave }: { wave: Wave }) {
  return (
    <svg className={css.outline} viewBox={`0 0 ${PARTS} 20`} preserveAspectRatio="none" aria-hidden>
      {outline(wave, PARTS).map((most, i) => (
        <rect key={i} x={i + 0.15} width={0.7} y={10 - Math.max(0.4, most * 10)} height={Math.max(0.8, most * 20)} />
      ))}
    </svg>
  );
}
