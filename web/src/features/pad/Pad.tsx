import { plural, t } from '@lingui/core/macro';
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { drawingOn, keepDrawing } from './kept';
import { DotPen } from './DotPen';
import { inks } from './inks';
import { asPicture, asSettled, paintAll } from './picture';
import { cleared, drawn, hadBack, isBlank, settled, takenBack, THICK, toSettle, type Drawing, type Stroke, type Thick } from './strokes';
import { usePen } from './usePen';
import css from './pad.module.css';

const SHARP = 2;
const TOKEN_WIDTH = 800;
const KEPT_WIDTH = 1200;

interface Props {
  vocabulary: number;
  /** The button it belongs to, and what that is called. */
  button: string;
  label: string;
  /** Puts what is drawn into the message, as the address of a picture. */
  onSay: (picture: string) => void;
  /** Keeps it as a picture of the student, or on this device until there is a network, and says so; none if this person may not. */
  onKeep?: (drawing: HTMLCanvasElement) => Promise<boolean>;
  /** Leaves the pad; none if it lies open on its board. */
  onLeave?: () => void;
  /** It is drawn on by switches too. */
  byDot?: boolean;
}

/** A pad to draw on, with its pens beside it. */
export function Pad({ vocabulary, button, label, onSay, onKeep, onLeave, byDot }: Props) {
  const [drawing, setDrawing] = useState<Drawing>(() => drawingOn(vocabulary, button));
  const [colour, setColour] = useState<string | undefined>(inks()[0].colour);
  const [thick, setThick] = useState<Thick>('middle');
  const [told, setTold] = useState('');
  const canvas = useRef<HTMLCanvasElement>(null);
  const latest = useRef(drawing);
  const ratio = () => (canvas.current ? canvas.current.width / canvas.current.height : 1.5);

  function set(now: Drawing) {
    latest.current = now;
    setDrawing(now);
    setTold(keepDrawing(vocabulary, button, now) ? '' : t`This browser has no room for more: what is drawn now is gone after the pad is left.`);
  }
  const again = (now: Drawing) => canvas.current && void paintAll(canvas.current, now);

  async function stroke(made: Stroke) {
    const now = drawn(latest.current, made);
    set(now);
    const old = toSettle(now);
    if (old.length === 0) return;
    const picture = await asSettled(now.settled, old, KEPT_WIDTH, ratio());
    // What was drawn meanwhile stays on top.
    set(settled(latest.current, old, picture));
  }
  function change(now: Drawing) {
    set(now);
    again(now);
  }

  useLayoutEffect(() => {
    const on = canvas.current;
    if (!on) return undefined;
    const fit = () => {
      on.width = Math.max(1, Math.round(on.clientWidth * SHARP));
      on.height = Math.max(1, Math.round(on.clientHeight * SHARP));
      void paintAll(on, latest.current);
    };
    fit();
    const watch = new ResizeObserver(fit);
    watch.observe(on);
    return () => watch.disconnect();
  }, []);
  useEffect(() => {
    if (!onLeave) return undefined;
    const keys = (event: KeyboardEvent) => {
      if (event.key === 'Escape') onLeave();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [onLeave]);

  const pen = usePen({ colour, thick, onStroke: (made) => void stroke(made), onAgain: () => again(latest.current) });
  const blank = isBlank(drawing);
  const picture = (width: number) => asPicture(latest.current, width, ratio());
  const colours = useMemo(() => inks(), []);
  return (
    <section className={css.pad} aria-label={label || t`a pad to draw on`}>
      <canvas ref={canvas} className={css.canvas} role="img" aria-label={blank ? t`nothing drawn yet` : howMuch(drawing)} {...pen} />
      <div className={css.tools} role="toolbar" aria-label={t`Pens`}>
        {byDot && <DotPen canvas={canvas} colour={colour} thick={thick} onStroke={(made) => void stroke(made)} />}
        <span className={css.together} role="group" aria-label={t`Colours`}>
          {colours.map((ink) => (
            <button
              key={ink.colour}
              type="button"
              className={css.ink}
              style={{ background: ink.colour }}
              aria-label={ink.name}
              aria-pressed={colour === ink.colour}
              onClick={() => setColour(ink.colour)}
            />
          ))}
        </span>
        <span className={css.parted} />
        <span className={css.together} role="group" aria-label={t`How broad`}>
          {(Object.keys(THICK) as Thick[]).map((one, i) => (
            <button
              key={one}
              type="button"
              className={css.tool}
              aria-label={[t`thin`, t`middling`, t`broad`][i]}
              aria-pressed={thick === one}
              onClick={() => setThick(one)}
            >
              <span className={css.dot} style={{ width: 6 + i * 9, height: 6 + i * 9, background: colour ?? '#ffffff' }} />
            </button>
          ))}
          <button type="button" className={css.tool} aria-pressed={colour === undefined} onClick={() => setColour(undefined)}>{t`rub out`}</button>
        </span>
        <span className={css.parted} />
        <button
          type="button"
          className={css.tool}
          disabled={drawing.done.length === 0}
          onClick={() => change(takenBack(latest.current))}
        >{t`take back`}</button>
        <button type="button" className={css.tool} disabled={drawing.undone.length === 0} onClick={() => change(hadBack(latest.current))}>{t`again`}</button>
        <button type="button" className={css.tool} disabled={blank} onClick={() => change(cleared(latest.current))}>{t`clear it`}</button>
        <span className={css.parted} />
        <button
          type="button"
          className={css.tool}
          disabled={blank}
          onClick={() => void picture(TOKEN_WIDTH).then((made) => onSay(made.toDataURL('image/png')))}
        >{t`into the message`}</button>
        {onKeep && (
          <button
            type="button"
            className={css.tool}
            disabled={blank}
            onClick={() => {
              void picture(KEPT_WIDTH)
                .then(onKeep)
                .then(
                  (later) =>
                    setTold(
                      later
                        ? t`Kept on this device as “${label}”; it is sent to the student’s pictures when there is a network.`
                        : t`Kept among the student’s pictures as “${label}”.`,
                    ),
                  (error: unknown) => setTold(error instanceof Error ? error.message : String(error)),
                );
            }}
          >{t`keep it`}</button>
        )}
        <button type="button" className={css.tool} disabled={blank} onClick={() => void picture(KEPT_WIDTH).then(printed)}>{t`print it`}</button>
        {onLeave && <button type="button" className={`${css.tool} ${css.leave}`} onClick={onLeave}>{t`done`}</button>}
      </div>
      <p className={css.told} role="status">
        {told}
      </p>
    </section>
  );
}

function howMuch({ done }: Drawing) {
  return plural(done.length, { one: '# stroke drawn', other: '# strokes drawn' });
}

/** On a sheet by itself. */
function printed(drawing: HTMLCanvasElement) {
  const frame = document.createElement('iframe');
  // Not hidden altogether: of what is not laid out, some browsers print nothing.
  Object.assign(frame.style, { position: 'fixed', width: '0', height: '0', border: '0', visibility: 'hidden' });
  frame.onload = () => {
    const page = frame.contentWindow!;
    const image = page.document.createElement('img');
    image.style.maxWidth = '100%';
    image.onload = () => page.print();
    page.onafterprint = () => frame.remove();
    image.src = drawing.toDataURL('image/png');
    page.document.body.append(image);
  };
  document.body.append(frame);
}
