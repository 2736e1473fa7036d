import { useEffect } from 'react';

/** Ctrl+Z and Ctrl+Shift+Z undo and make again wherever one is on the page; in a field with something in it they are that field's. */
export function useUndoKeys(mayEdit: boolean, step: (what: 'undo' | 'redo') => unknown) {
  useEffect(() => {
    function keys(event: KeyboardEvent) {
      const { target } = event;
      const inField = (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) && target.value !== '';
      if (!mayEdit || inField || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      step(event.shiftKey ? 'redo' : 'undo');
    }
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [mayEdit, step]);
}
