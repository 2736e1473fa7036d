/** What the component library gives the focus to when it finds none in a dialog: the dialog itself, or its cross. */
const TAKES = '[role=dialog], .ant-modal-close';

/**
 * Keeps the focus on its way within a dialog. While it goes from one field to the next, it is for a moment nowhere; when the library looks for it
 * in just that moment, as it does once a dialog has opened, it takes it for lost and gives it to the dialog, and the letters that follow go nowhere.
 */
export function keepFocus(page: Document): void {
  let going: EventTarget | null = null;
  page.addEventListener(
    'focusout',
    (e) => {
      going = e.relatedTarget;
    },
    true,
  );
  page.addEventListener(
    'focusin',
    (e) => {
      const to = going;
      going = null;
      if (!(to instanceof HTMLElement) || to === e.target || !(e.target instanceof Element) || !e.target.matches(TAKES)) return;
      if (e.target.closest('[role=dialog]')?.contains(to)) to.focus();
    },
    true,
  );
}

const REACHED = '[tabindex="0"], button:not(:disabled), a[href], input:not(:disabled), select, textarea';
const KEYS = /^(Enter|Escape|Delete|Backspace)$/;
/** Where a word becomes a field and a field a word again. What is larger is drawn anew as a whole, and the browser goes on by Tab where that begins. */
const SENTENCES = ['p', 'li', 'ol', 'ul', 'label'];
/** So long after a key it is seen to: what was kept comes back from the server, and is drawn anew. */
const FOR_MS = 1500;

/**
 * Gives the focus back where a key has taken away what had it in a sentence or a list: a field that closes on Enter, a line that goes. It goes to what
 * stands nearest to it there, so that whoever works by keys goes on there and not at the top of the page. Where something else takes it, that has it.
 */
export function regainFocus(page: Document): void {
  let pressed = 0;
  page.addEventListener(
    'keydown',
    (e) => {
      // Whoever goes on by keys has found the way.
      const mine = ++pressed;
      const had = page.activeElement;
      if (!KEYS.test(e.key) || !had || had === page.body) return;
      const around: Element[] = [];
      for (let up = had.parentElement; up && up !== page.body; up = up.parentElement) around.push(up);
      const stood = had.getBoundingClientRect();
      const end = performance.now() + FOR_MS;
      const look = () => {
        if (mine !== pressed) return;
        if (page.activeElement === page.body || page.activeElement === null) {
          const left = around.find((one) => one.isConnected);
          if (left && SENTENCES.includes(left.localName)) nearest(left, stood)?.focus();
        }
        if (performance.now() < end) requestAnimationFrame(look);
      };
      requestAnimationFrame(look);
    },
    true,
  );
  page.addEventListener('pointerdown', () => pressed++, true);
}

function nearest(within: Element | undefined, stood: DOMRect): HTMLElement | undefined {
  const far = (one: HTMLElement) => {
    const { x, y } = one.getBoundingClientRect();
    return Math.hypot(x - stood.x, y - stood.y);
  };
  const all = [...(within?.querySelectorAll<HTMLElement>(REACHED) ?? [])];
  return all.length > 0 ? all.reduce((best, one) => (far(one) < far(best) ? one : best)) : undefined;
}
