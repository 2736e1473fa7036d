import { useEffect, useEffectEvent, type RefObject } from 'react';
import type { Scanning, Switch } from '../../api/types';

/** Keys with which whoever helps leaves or goes on. */
const NO_SWITCH = /^(Escape|Tab|Shift|Control|Alt|Meta|AltGraph|CapsLock)$/;
const isTyping = (el: EventTarget | null) => el instanceof Element && el.closest('input, textarea, select, [contenteditable]') !== null;

/** Which switch a key is. A switch that is that key comes before one that is any. */
function ofKey(e: KeyboardEvent, switches: Switch[]): Switch | undefined {
  if (NO_SWITCH.test(e.key) || e.ctrlKey || e.metaKey || e.altKey) return undefined;
  return switches.find((s) => s.sort === 'KEY' && s.of === e.code) ?? switches.find((s) => s.sort === 'ANY_KEY');
}

/** The switch that was pressed, among all a device has: what it is to be known by. */
export const asSwitch = (e: KeyboardEvent): Switch | undefined => (NO_SWITCH.test(e.key) ? undefined : { sort: 'KEY', of: e.code });

/** The buttons of game pads that are down. */
export const padButtons = (): Set<string> =>
  new Set(navigator.getGamepads().flatMap((pad) => pad?.buttons.flatMap((b, i) => (b.pressed ? [String(i)] : [])) ?? []));

/** Listens to a student’s switches, touches in `root` among them; a press that comes too soon after one of the same switch is let pass. */
export function useSwitches({ taking, stepping, chatterMs }: Scanning, root: RefObject<HTMLElement | null>, pressed: (taken: boolean) => void): void {
  const press = useEffectEvent(pressed);
  useEffect(() => {
    const switches = stepping ? [taking, stepping] : [taking];
    const last = new Map<Switch, number>();
    const down = (one: Switch) => {
      const now = performance.now();
      const before = last.get(one);
      if (before !== undefined && now - before < chatterMs) return;
      last.set(one, now);
      press(one === taking);
    };
    const keys = (e: KeyboardEvent) => {
      const one = isTyping(e.target) ? undefined : ofKey(e, switches);
      if (!one) return;
      e.preventDefault();
      e.stopImmediatePropagation();
      if (e.type === 'keydown' && !e.repeat) down(one);
    };
    const touch = switches.find((s) => s.sort === 'TOUCH');
    const touched = (e: Event) => {
      const at = e.target as Element;
      if (!touch || !e.isTrusted || !root.current?.contains(at) || at.closest('[data-adult]')) return;
      e.preventDefault();
      e.stopImmediatePropagation();
      if (e.type === 'pointerdown') down(touch);
    };
    const all: (keyof WindowEventMap)[] = ['pointerdown', 'pointerup', 'click', 'contextmenu'];
    window.addEventListener('keydown', keys, true);
    window.addEventListener('keyup', keys, true);
    all.forEach((type) => window.addEventListener(type, touched, true));
    const stop = followPads(switches, down);
    return () => {
      stop();
      window.removeEventListener('keydown', keys, true);
      window.removeEventListener('keyup', keys, true);
      all.forEach((type) => window.removeEventListener(type, touched, true));
    };
  }, [taking, stepping, chatterMs, root]);
}

/** Game pads tell nobody: they are looked at with each picture. */
function followPads(switches: Switch[], down: (one: Switch) => void): () => void {
  const theirs = switches.filter((s) => s.sort === 'PAD_BUTTON');
  if (theirs.length === 0) return () => undefined;
  let before = padButtons();
  let frame = 0;
  const look = () => {
    const now = padButtons();
    theirs.filter((s) => now.has(s.of) && !before.has(s.of)).forEach(down);
    before = now;
    frame = requestAnimationFrame(look);
  };
  frame = requestAnimationFrame(look);
  return () => cancelAnimationFrame(frame);
}
