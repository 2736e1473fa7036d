import { Button as PlainButton } from 'antd';
import { useState } from 'react';
import type { Sheets, WordList } from '../../api/types';
import { Leaves } from '../sheet/Leaves';
import { Printing } from './Printing';
import parts from '../../shell/parts.module.css';

/** The sheet as it is printed, the others a click away, and ways onto paper. */
export function SheetStage({ view, sheets, onPage }: { view: WordList; sheets: Sheets; onPage: (page: number) => void }) {
  const [printing, setPrinting] = useState(false);
  const { page } = sheets;
  const pdf = (range = '') => `/api/lists/${view.id}/support.pdf?version=${view.version}${range}`;
  const what = page.back ? 'back' : 'sheet';

  return (
    <>
      <Leaves page={page} of={sheets.pages} what={what} label={`${what} ${page.number} of ${sheets.pages}, ${view.name}`} onPage={onPage}>
        {sheets.pages > 1 && (
          <a className={parts.door} href={pdf(`&from=${page.number}&to=${page.number}`)} target="_blank" rel="noreferrer">
            Only this sheet
          </a>
        )}
        <PlainButton onClick={() => setPrinting(true)}>Print</PlainButton>
        <a className={`${parts.door} ${parts.primary}`} href={pdf()} target="_blank" rel="noreferrer">
          Make the PDF
        </a>
      </Leaves>
      {printing && <Printing view={view} onDone={() => setPrinting(false)} />}
    </>
  );
}
