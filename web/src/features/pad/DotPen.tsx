import { t } from '@lingui/core/macro';
import { useEffect, useEffectEvent, useRef, useState, type RefObject } from 'react';
import { paint, point, type Stroke, type Thick } from './strokes';
import css from './pad.module.css';

/** So much of the pad’s width the dot goes in a second: across it in about ten. */
const SPEED = 0.1;
/** It stays so far from the edge that all of it is seen. */
const EDGE = 0.012;

interface At {
  x: number;
  y: number;
}
type Way = 'left' | 'right' | 'up' | 'down';
const STEP: Record<Way, At> = { left: { x: -1, y: 0 }, right: { x: 1, y: 0 }, up: { x: 0, y: -1 }, down: { x: 0, y: 1 } };

interface Props {
  canvas: RefObject<HTMLCanvasElement | null>;
  /** None rubs out. */
  colour?: string;
  thick: Thick;
  onStroke: (stroke: Stroke) => void;
}

/** Drawing for who uses switches: a dot that goes one way until it is stopped, and draws where its pen is down. Places are shares of the pad’s width. */
export function DotPen({ canvas, colour, thick, onStroke }: Props) {
  const [at, setAt] = useState<At>({ x: 0.5, y: 0.25 });
  const [down, setDown] = useState(true);
  const [way, setWay] = useState<Way>();
  const ways: Record<Way, string> = { left: t`to the left`, right: t`to the right`, up: t`up`, down: t`down` };
  const { width, height } = useSize(canvas);
  const high = height / Math.max(1, width);
  const stroke = useRef<Stroke>(undefined);
  const stop = () => {
    setWay(undefined);
    if (down && stroke.current && stroke.current.points.length > 3) onStroke(stroke.current);
  };
  const atTheEdge = useEffectEvent(stop);
  useEffect(() => {
    if (!way) return undefined;
    const drawing: Stroke = { colour, thick, points: down ? point(at.x, at.y, 1) : [] };
    stroke.current = drawing;
    let place = at;
    let before = performance.now();
    let frame = 0;
    const go = (now: number) => {
      const far = (SPEED * (now - before)) / 1000;
      before = now;
      const next = { x: within(place.x + STEP[way].x * far, 1 - EDGE), y: within(place.y + STEP[way].y * far, high - EDGE) };
      const atEdge = next.x === place.x && next.y === place.y && far > 0;
      place = next;
      setAt(place);
      const painted = canvas.current?.getContext('2d');
      if (down) {
        drawing.points.push(...point(place.x, place.y, 1));
        if (painted) paint(painted, drawing, canvas.current!.width, drawing.points.length / 3 - 1);
      }
      if (atEdge) atTheEdge();
      else frame = requestAnimationFrame(go);
    };
    frame = requestAnimationFrame(go);
    return () => cancelAnimationFrame(frame);
    // Where it begins is where it is when it sets out.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [way]);
  return (
    <>
      <span className={css.together} role="group" aria-label={t`The dot`}>
        {(Object.keys(ways) as Way[]).map((one) => (
          <button key={one} type="button" className={css.tool} onClick={() => setWay(one)}>
            {ways[one]}
          </button>
        ))}
      </span>
      <button type="button" className={css.tool} aria-pressed={down} onClick={() => setDown(!down)}>
        {down ? t`pen is down` : t`pen is up`}
      </button>
      <span
        className={down ? `${css.mark} ${css.draws}` : css.mark}
        style={{ insetInlineStart: `${8 + at.x * width}px`, top: `${8 + at.y * width}px` }}
        hidden={width === 0}
        aria-hidden="true"
      />
      {way && (
        <div className={css.goes} data-over>
          <button type="button" onClick={stop}>
            {t`stop the dot`}
          </button>
        </div>
      )}
    </>
  );
}

const within = (share: number, most: number) => Math.min(most, Math.max(EDGE, share));

/** Of the pad as it is now, in CSS pixels: it is not there yet when the dot is first drawn. */
function useSize(canvas: RefObject<HTMLCanvasElement | null>) {
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const on = canvas.current;
    if (!on) return undefined;
    const measure = () => setSize({ width: on.clientWidth, height: on.clientHeight });
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(on);
    return () => watch.disconnect();
  }, [canvas]);
  return size;
}
