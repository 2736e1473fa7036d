import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { createPortal } from 'react-dom';
import type { PrintedFor, WordList } from '../../api/types';
import { ArtOf } from '../../drawn/art';
import { PagePreview } from '../sheet';
import { pages } from '../../data/lists';
import css from './wordlist.module.css';

const mm = (micrometres: number) => `${micrometres / 1000}mm`;

/** Sheets in true size for the browser’s own print dialog, which is opened once all pictures are there; nothing else of the page is printed. */
export function Printing({ view, printedFor, from, to, onDone }: { view: WordList; printedFor: PrintedFor; from: number; to: number; onDone: () => void }) {
  const { data: all } = useQuery(pages(view.id, view.version, printedFor));
  const data = useMemo(() => all?.filter((page) => page.number >= from && page.number <= to), [all, from, to]);
  useEffect(() => {
    if (!data?.[0]) return;
    const sheet = new CSSStyleSheet();
    sheet.insertRule(`@page { size: ${mm(data[0].width)} ${mm(data[0].height)}; margin: 0; }`);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    const images = [...document.querySelectorAll<SVGImageElement>(`.${css.printing} image`)].map((image) => {
      const loading = new Image();
      loading.src = image.href.baseVal;
      return loading.decode().catch(() => undefined);
    });
    let left = false;
    void Promise.all(images).then(() => {
      if (left) return;
      window.print();
      onDone();
    });
    return () => {
      left = true;
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== sheet);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [data]);
  return createPortal(
    <div className={css.printing} aria-hidden>
      {data?.map((page) => (
        <div key={page.number} style={{ width: mm(page.width), height: mm(page.height) }}>
          <ArtOf art={page.art} list={view.id}>
            <PagePreview page={page} label="" />
          </ArtOf>
        </div>
      ))}
    </div>,
    document.body,
  );
}
