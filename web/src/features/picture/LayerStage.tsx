import { t } from '@lingui/core/macro';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { Pic } from '../../drawn/art';
import type { Layer } from '../../api/types';
import { changed, moved, NOT, ROOM } from '../../drawn/layers';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

const STEP = 20;

/** The pictures of a button in their square. Each can be dragged, moved by arrows, and sized by + and - or its corner. */
export function LayerStage({ layers, at, onAt, onChange }: { layers: Layer[]; at: number; onAt: (at: number) => void; onChange: (layers: Layer[]) => void }) {
  const square = useRef<HTMLDivElement>(null);
  const drag = useRef<{ at: number; x: number; y: number; sizing: boolean; from: Layer[] }>(undefined);

  function start(event: PointerEvent, i: number, sizing: boolean) {
    event.preventDefault();
    event.stopPropagation();
    (event.currentTarget as HTMLElement).focus();
    onAt(i);
    drag.current = { at: i, x: event.clientX, y: event.clientY, sizing, from: layers };
    square.current?.setPointerCapture(event.pointerId);
  }

  function drive(event: PointerEvent) {
    const d = drag.current;
    if (!d || !square.current) return;
    const unit = ROOM / square.current.clientWidth;
    const [dx, dy] = [(event.clientX - d.x) * unit, (event.clientY - d.y) * unit];
    const was = d.from[d.at];
    onChange(changed(d.from, d.at, d.sizing ? moved(was, 0, 0, Math.max(dx, dy)) : moved(was, dx, dy)));
  }

  function keys(event: KeyboardEvent, i: number) {
    const by: Record<string, [number, number, number]> = {
      ArrowLeft: [-STEP, 0, 0],
      ArrowRight: [STEP, 0, 0],
      ArrowUp: [0, -STEP, 0],
      ArrowDown: [0, STEP, 0],
      '+': [0, 0, STEP * 2],
      '=': [0, 0, STEP * 2],
      '-': [0, 0, -STEP * 2],
    };
    const move = by[event.key];
    if (!move) return;
    event.preventDefault();
    onChange(changed(layers, i, moved(layers[i], ...move)));
  }

  if (layers.length === 0)
    return (
      <div className={`${css.layerStage} ${css.emptyStage}`}>
        <p className={parts.quiet}>{t`No picture: the word stands alone.`}</p>
      </div>
    );
  return (
    <>
      <div
        className={css.layerStage}
        ref={square}
        onPointerMove={drive}
        onPointerUp={() => {
          drag.current = undefined;
        }}
      >
        {layers.map((l, i) => (
          <div
            key={i}
            role="button"
            tabIndex={0}
            className={i === at && layers.length > 1 ? `${css.layer} ${css.at}` : css.layer}
            aria-pressed={i === at}
            onFocus={() => onAt(i)}
            aria-label={t`Picture ${i + 1} of ${layers.length}${l.picture === NOT ? t`, the not mark` : ''}: arrows move it, plus and minus size it`}
            style={{ left: `${l.x / 10}%`, top: `${l.y / 10}%`, width: `${l.size / 10}%`, height: `${l.size / 10}%` }}
            onPointerDown={(e) => start(e, i, false)}
            onKeyDown={(e) => keys(e, i)}
          >
            <Pic id={l.picture} collected />
            {i === at && <span className={css.layerCorner} onPointerDown={(e) => start(e, i, true)} />}
          </div>
        ))}
      </div>
      <p className={parts.quiet}>{t`Drag a picture to move it, its corner to size it; or use the arrows, + and -.`}</p>
    </>
  );
}
