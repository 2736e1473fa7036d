import { Button as PlainButton } from 'antd';
import { useState } from 'react';
import type { Sheets, WordList } from '../../api/types';
import { PagePreview } from '../sheet/PagePreview';
import { Printing } from './Printing';
import css from './wordlist.module.css';
import parts from '../../shell/parts.module.css';

/** The sheet as it is printed, the others a click away, and ways onto paper. */
export function SheetStage({ view, sheets, onPage }: { view: WordList; sheets: Sheets; onPage: (page: number) => void }) {
  const [printing, setPrinting] = useState(false);
  const { page } = sheets;
  const pdf = (range = '') => `/api/lists/${view.id}/support.pdf?version=${view.version}${range}`;
  const what = page.back ? 'back' : 'sheet';

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
        <PlainButton onClick={() => setPrinting(true)}>Print</PlainButton>
        <a className={`${parts.door} ${parts.primary}`} href={pdf()} target="_blank" rel="noreferrer">
          Make the PDF
        </a>
      </div>
      {printing && <Printing view={view} onDone={() => setPrinting(false)} />}
    </>
  );
}
