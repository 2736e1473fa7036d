import { App, Button as PlainButton } from 'antd';
import { useRef } from 'react';
import type { Sheets, WordList } from '../../api/types';
import { PagePreview } from '../sheet/PagePreview';
import css from './wordlist.module.css';
import parts from '../../shell/parts.module.css';

/** The sheet as it is printed, the others a click away, and ways onto paper. */
export function SheetStage({ view, sheets, onPage }: { view: WordList; sheets: Sheets; onPage: (page: number) => void }) {
  const { message } = App.useApp();
  const frame = useRef<HTMLIFrameElement>(null);
  const { page } = sheets;
  const pdf = (range = '') => `/api/lists/${view.id}/support.pdf?version=${view.version}${range}`;
  const what = page.back ? 'back' : 'sheet';

  /** The browser’s own dialog, with no file saved before. */
  function print() {
    const within = frame.current;
    if (!within) return;
    within.onload = () => {
      try {
        within.contentWindow?.focus();
        within.contentWindow?.print();
      } catch {
        void message.info('This browser prints from the PDF: open it, then print from there.', 6);
      }
    };
    within.src = pdf();
  }
  return (
    <>
      <div className={css.paper}>
        <PagePreview page={page} label={`${what} ${page.number} of ${sheets.pages}, ${view.name}`} />
      </div>
      <div className={css.foot}>
        <span>
          {what} {page.number} of {sheets.pages}
        </span>
        <PlainButton aria-label="The sheet before" disabled={page.number === 1} onClick={() => onPage(page.number - 1)}>
          ‹
        </PlainButton>
        <PlainButton aria-label="The next sheet" disabled={page.number === sheets.pages} onClick={() => onPage(page.number + 1)}>
          ›
        </PlainButton>
        {sheets.pages > 1 && (
          <a className={parts.door} href={pdf(`&from=${page.number}&to=${page.number}`)} target="_blank" rel="noreferrer">
            Only this sheet
          </a>
        )}
        <PlainButton onClick={print}>Print</PlainButton>
        <a className={`${parts.door} ${parts.primary}`} href={pdf()} target="_blank" rel="noreferrer">
          Make the PDF
        </a>
      </div>
      <iframe ref={frame} title="For printing" className={parts.unseen} tabIndex={-1} aria-hidden />
    </>
  );
}
