import { t } from '@lingui/core/macro';
import { lenses } from '../lens';
import bench from '../../shell/bench.module.css';

/** The plain board, without a lens. */
export const WORDS = t`Words`;
const PLAIN = { name: WORDS, about: t`The board as it is`, mark: <path d="M2 3h12M2 8h12M2 13h7" /> };

/** The lenses along the left: one lies over the board at a time. */
export function LensBar({ lens, onLens }: { lens: string; onLens: (lens: string) => void }) {
  return (
    <div className={bench.lenses} role="group" aria-label={t`Lenses`}>
      {[PLAIN, ...lenses()].map((l) => (
        <button key={l.name} type="button" className={bench.lens} aria-pressed={l.name === lens} title={l.about} onClick={() => onLens(l.name)}>
          <svg viewBox="0 0 16 16" fill="none" stroke="currentColor" strokeWidth="1.8" strokeLinecap="round" strokeLinejoin="round" aria-hidden="true">
            {l.mark}
          </svg>
          {l.name}
        </button>
      ))}
    </div>
  );
}
