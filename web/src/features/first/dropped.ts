import { useEffect, useRef, useState } from 'react';
import { picturesOf } from '../picture';

/** Photos dropped or pasted anywhere on the page. @returns true while some are held over it */
export function useDropped(onFiles: (files: File[]) => void) {
  const [over, setOver] = useState(false);
  const newest = useRef(onFiles);
  useEffect(() => {
    newest.current = onFiles;
  });
  useEffect(() => {
    const take = (files: File[], e: Event) => {
      if (files.length === 0) return;
      e.preventDefault();
      newest.current(files);
    };
    const paste = (e: ClipboardEvent) => take(picturesOf(e.clipboardData), e);
    const drop = (e: DragEvent) => {
      setOver(false);
      take(picturesOf(e.dataTransfer), e);
    };
    const drag = (e: DragEvent) => {
      e.preventDefault();
      setOver(true);
    };
    const left = (e: DragEvent) => e.relatedTarget === null && setOver(false);
    window.addEventListener('paste', paste);
    window.addEventListener('drop', drop);
    window.addEventListener('dragover', drag);
    window.addEventListener('dragleave', left);
    return () => {
      window.removeEventListener('paste', paste);
      window.removeEventListener('drop', drop);
      window.removeEventListener('dragover', drag);
      window.removeEventListener('dragleave', left);
    };
  }, []);
  return over;
}
