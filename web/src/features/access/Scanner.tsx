import { t } from '@lingui/core/macro';
import { useCallback, useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react';
import { createPortal } from 'react-dom';
import type { Scanning } from '../../api/types';
import { hear, whenQuiet } from '../../data/voice';
import type { StudentVoice } from '../../data/waysToSay';
import { LEAVE, litWith, STAY, WAY_OUT, type Stop } from './round';
import { begin, due, litBy, passed, pressed, resting, stepped, type Scan } from './scan';
import { choose, elementOf, isSame, surfaceOf, type Surface } from './surface';
import { useSwitches } from './useSwitches';
import css from './access.module.css';

/** Heard, and not taken for what the student says. */
const CUE_LOUDNESS = 0.35;

interface Props {
  scanning: Scanning;
  /** What holds all that can be chosen. */
  root: RefObject<HTMLElement | null>;
  locale: string;
  voice?: StudentVoice;
}

interface At {
  surface: Surface;
  scan: Scan;
  /** What was said is still heard, and no cue is to stand over it. */
  waits?: symbol;
}

/** Lights up in turn what can be chosen in what is shown, and presses what is lit when a switch takes it. */
export function Scanner({ scanning, root, locale, voice }: Props) {
  const { at, press } = useRound(scanning, root);
  useSwitches(scanning, root, press);
  const lit = at && litBy(at.scan);
  useCue(scanning.cue, at, lit, locale, voice);
  return createPortal(
    <div className={css.lights} aria-hidden="true">
      {at && lit && <Lights key={lit.id} surface={at.surface} lit={lit} />}
      {at && !lit && !at.waits && <p className={css.rests}>{t`press a switch to go on`}</p>}
    </div>,
    document.body,
  );
}

/** The round of what is shown, begun anew whenever there is something else to choose. */
function useRound(scanning: Scanning, root: RefObject<HTMLElement | null>) {
  const [at, setAt] = useState<At>();
  const latest = useRef(at);
  const set = useCallback((now: At) => {
    latest.current = now;
    setAt(now);
  }, []);

  useEffect(() => {
    const look = () => {
      if (!root.current) return;
      const surface = surfaceOf(root.current, scanning);
      const before = latest.current;
      if (before?.scan.how === scanning && isSame(before.surface, surface)) {
        // Drawn anew, and yet the same: the beat goes on.
        latest.current = { ...before, surface };
        return;
      }
      const scan = begin(scanning, surface.round, performance.now());
      set({ surface, scan: before?.waits ? resting(scan) : scan, waits: before?.waits });
    };
    look();
    if (!root.current) return undefined;
    const watch = new MutationObserver(look);
    watch.observe(root.current, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled', 'data-stop'] });
    return () => watch.disconnect();
  }, [root, scanning, set]);

  useEffect(() => {
    const next = at && due(at.scan);
    if (next === undefined) return undefined;
    const timer = setTimeout(
      () => {
        const now = latest.current;
        if (now) set({ ...now, scan: passed(now.scan, performance.now()) });
      },
      Math.max(0, next - performance.now()),
    );
    return () => clearTimeout(timer);
  }, [at, set]);

  const goOn = (wait: symbol) => {
    const now = latest.current!;
    if (now.waits === wait) set({ surface: now.surface, scan: begin(scanning, now.surface.round, performance.now()) });
  };
  const press = (taken: boolean) => {
    const before = latest.current;
    if (!before) return;
    const ms = performance.now();
    const scan = passed(before.scan, ms);
    if (!taken) return set({ surface: before.surface, scan: stepped(scan, ms) });
    const after = pressed(scan, ms);
    set({ surface: before.surface, scan: after.scan });
    if (after.chosen === undefined) return;
    if (scanning.cue) {
      // It rests until what is said is over, or a switch is pressed.
      const wait = Symbol();
      set({ surface: before.surface, scan: resting(after.scan), waits: wait });
      setTimeout(() => void whenQuiet().then(() => goOn(wait)));
    }
    choose(before.surface, after.chosen);
  };
  return { at, press };
}

const nameOf = (el?: HTMLElement) => el?.getAttribute('aria-label') ?? el?.textContent ?? '';

/** What a stop is called: what it is, or what is first in it. */
function called(surface: Surface, lit: Stop): string {
  if (lit.id === WAY_OUT) return t`to the one who helps`;
  const [first] = litWith(lit);
  if (first === STAY) return t`stay here`;
  if (first === LEAVE) return t`leave`;
  return nameOf(surface.elements.get(first));
}

function useCue(on: boolean, at: At | undefined, lit: Stop | undefined, locale: string, voice?: StudentVoice) {
  const surface = useRef(at?.surface);
  useEffect(() => {
    surface.current = at?.surface;
  });
  const path = at?.scan.path.join(' ');
  const since = at?.scan.since;
  useEffect(() => {
    if (!on || !lit || !surface.current) return;
    void hear({ spoken: called(surface.current, lit), locale, voice, loudness: CUE_LOUDNESS }).catch(() => undefined);
    // Each time something is lit, not each time it is drawn.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [on, path, since, locale, voice]);
}

interface Frame {
  left: number;
  top: number;
  width: number;
  height: number;
}
const BESIDE = 5;
/** No id has a line break. */
const BETWEEN = '\n';

/** Frames round what is lit, wherever on the page it is; one frame for a group. */
function Lights({ surface, lit }: { surface: Surface; lit: Stop }) {
  const [frames, setFrames] = useState<Frame[]>([]);
  const ids = lit.id === WAY_OUT ? WAY_OUT : litWith(lit).join(BETWEEN);
  useLayoutEffect(() => {
    const place = () => setFrames(framesOf(ids === WAY_OUT ? [WAY_OUT] : ids.split(BETWEEN), surface, lit.within.length > 0 && lit.id !== WAY_OUT));
    place();
    elementOf(surface, ids.split(BETWEEN)[0])?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    window.addEventListener('resize', place);
    window.addEventListener('scroll', place, true);
    return () => {
      window.removeEventListener('resize', place);
      window.removeEventListener('scroll', place, true);
    };
  }, [surface, ids, lit]);
  return (
    <>
      {frames.map((frame, i) => (
        <div key={i} className={css.light} style={frame} data-lit={lit.id}>
          {[WAY_OUT, STAY, LEAVE].includes(lit.id) && <span className={css.called}>{called(surface, lit)}</span>}
        </div>
      ))}
    </>
  );
}

function framesOf(ids: string[], surface: Surface, together: boolean): Frame[] {
  const boxes = ids.flatMap((id) => elementOf(surface, id)?.getBoundingClientRect() ?? []);
  const all = boxes.map(({ left, top, right, bottom }) => ({ left, top, right, bottom }));
  const one = all.length > 0 && {
    left: Math.min(...all.map((b) => b.left)),
    top: Math.min(...all.map((b) => b.top)),
    right: Math.max(...all.map((b) => b.right)),
    bottom: Math.max(...all.map((b) => b.bottom)),
  };
  // Blocks of which a part stands elsewhere are framed cell by cell.
  const fills = one && together && all.length > 1 && area(all) > area([one]) * 0.55;
  return (fills ? [one] : all).map((b) => ({
    left: b.left - BESIDE,
    top: b.top - BESIDE,
    width: b.right - b.left + 2 * BESIDE,
    height: b.bottom - b.top + 2 * BESIDE,
  }));
}

const area = (boxes: { left: number; top: number; right: number; bottom: number }[]) =>
  boxes.reduce((sum, b) => sum + (b.right - b.left) * (b.bottom - b.top), 0);
