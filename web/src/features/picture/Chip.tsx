import css from './pictures.module.css';

/** One of several questions of which one is asked. */
export function Chip({ on, onClick, children }: { on: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <button type="button" className={on ? `${css.chip} ${css.on}` : css.chip} aria-pressed={on} onClick={onClick}>
      {children}
    </button>
  );
}
