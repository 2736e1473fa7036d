import { useEffect, type RefObject } from 'react';
import type { Touching } from '../../api/types';
import { Touches, type Target } from './touches';

const MICROMETRES = 1000;
/** Pixels in a millimetre, by CSS; what is said of screens that are not known better. */
export const USUAL_PER_MM = 96 / 25.4;

/** What a finger means just now: drawn so. */
const MEANT = 'data-meant';

/** Whether it is as everywhere else: left to the browser. */
export const isUsual = ({ when, againMs, slip, edge }: Touching) => when === 'ON_RELEASE' && againMs === 0 && slip === 0 && edge === 0;

/** What is for whoever helps is touched as everywhere else. */
const isForStudent = (el: Element) => !el.closest('[data-adult]');

function targetsIn(root: HTMLElement): Target<HTMLElement>[] {
  const over = [...root.querySelectorAll<HTMLElement>('[data-over]')].at(-1) ?? root;
  const buttons = [...over.querySelectorAll<HTMLElement>('button:not(:disabled)')].filter(isForStudent);
  // What lies on top of another comes first.
  return buttons.reverse().map((of) => ({ of, box: of.getBoundingClientRect() }));
}

interface Around {
  /** Pixels of this screen in a millimetre of the student’s. */
  perMm: () => number;
  /** A touch has come to nothing. */
  onLetPass?: () => void;
}

/** Lets touches count as was found right for the student: whatever a touch comes to is pressed, and the browser’s own presses are not. */
export function useTouching(root: RefObject<HTMLElement | null>, touching: Touching, { perMm, onLetPass }: Around): void {
  const { when, restMs, againMs, slip, edge } = touching;
  useEffect(() => {
    const at = root.current;
    if (!at || isUsual({ when, restMs, againMs, slip, edge })) return undefined;
    const scale = perMm() / MICROMETRES;
    const touches = new Touches<HTMLElement>({ when, restMs, againMs, slip: slip * scale, edge: edge * scale });
    let finger: number | undefined;
    let counted = false;
    let drawn: HTMLElement | undefined;
    let timer: ReturnType<typeof setTimeout>;

    function show(el?: HTMLElement) {
      if (el === drawn) return;
      drawn?.removeAttribute(MEANT);
      el?.setAttribute(MEANT, when);
      drawn = el;
    }
    function count(el?: HTMLElement) {
      if (!el) return;
      counted = true;
      show();
      el.click();
    }
    function follow() {
      clearTimeout(timer);
      if (!counted) show(touches.meant);
      if (touches.due !== undefined) timer = setTimeout(() => count(touches.pass(performance.now())), Math.max(0, touches.due - performance.now()));
    }
    const down = (e: PointerEvent) => {
      if (e.button !== 0 || !isForStudent(e.target as Element)) return;
      if (finger !== undefined) return onLetPass?.();
      finger = e.pointerId;
      counted = false;
      count(touches.press(performance.now(), { x: e.clientX, y: e.clientY }, targetsIn(at)));
      return follow();
    };
    const move = (e: PointerEvent) => {
      if (e.pointerId !== finger) return;
      touches.move(performance.now(), { x: e.clientX, y: e.clientY });
      follow();
    };
    const up = (e: PointerEvent) => {
      if (e.pointerId !== finger) return;
      finger = undefined;
      count(touches.lift(performance.now()));
      clearTimeout(timer);
      show();
      if (!counted) onLetPass?.();
    };
    const lost = (e: PointerEvent) => {
      if (e.pointerId !== finger) return;
      finger = undefined;
      touches.drop();
      clearTimeout(timer);
      show();
    };
    // The browser’s own presses; those by keys and by who reads the screen aloud have no detail.
    const own = (e: MouseEvent) => {
      if (!e.isTrusted || e.detail === 0 || !isForStudent(e.target as Element) || !(e.target as Element).closest('button')) return;
      e.preventDefault();
      e.stopPropagation();
    };
    const menu = (e: Event) => isForStudent(e.target as Element) && e.preventDefault();
    at.addEventListener('pointerdown', down, true);
    at.addEventListener('click', own, true);
    at.addEventListener('contextmenu', menu);
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', lost);
    return () => {
      clearTimeout(timer);
      show();
      at.removeEventListener('pointerdown', down, true);
      at.removeEventListener('click', own, true);
      at.removeEventListener('contextmenu', menu);
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', lost);
    };
  }, [root, when, restMs, againMs, slip, edge, perMm, onLetPass]);
}
