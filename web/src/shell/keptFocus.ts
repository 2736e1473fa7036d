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
