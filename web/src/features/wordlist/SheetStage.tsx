import { t } from '@lingui/core/macro';
import { Button as PlainButton } from 'antd';
import { useState } from 'react';
import type { PrintedFor, Sheets, WordList } from '../../api/types';
import { useWork } from '../job';
import { DottedText } from '../../shell/Dotted';
import { ArtOf } from '../../drawn/art';
import { Leaves } from '../sheet';
import { Arranging } from './Arranging';
import { Printing } from './Printing';
import { printList } from '../../data/lists';
import { rangeOf, type Range } from './range';
import { may } from '../../data/may';
import parts from '../../shell/parts.module.css';

/** The sheet as it is printed, the others a click away, and ways onto paper. */
export function SheetStage({
  view,
  sheets,
  printedFor,
  onPage,
  onArrange,
}: {
  view: WordList;
  sheets: Sheets;
  printedFor: PrintedFor;
  onPage: (page: number) => void;
  onArrange: (from: number, to: number) => void;
}) {
  const [printing, setPrinting] = useState(false);
  const { page } = sheets;
  const [start, working] = useWork(t`Open the PDF`);
  const [range, setRange] = useState<Range>();
  const from = Math.min(range?.from ?? 1, sheets.pages);
  const to = Math.min(range?.to ?? sheets.pages, sheets.pages);
  const all = from === 1 && to === sheets.pages;
  const pdf = `/api/lists/${view.id}/support.pdf?version=${view.version}&from=${from}&to=${to}&printedFor=${printedFor}`;
  const what = page.back ? t`back` : sheets.pages > sheets.sheets ? t`side` : t`sheet`;

  return (
    <>
      <ArtOf art={page.art} list={view.id}>
        <Leaves
          page={page}
          of={sheets.pages}
          what={what}
          label={t`${what} ${page.number} of ${sheets.pages}, ${view.name}`}
          onPage={onPage}
          over={may(view, 'CHANGE') && sheets.cells.length > 0 && <Arranging cells={sheets.cells} onArrange={onArrange} />}
        >
          {sheets.pages > 1 && (
            <DottedText
              label={t`Which are printed: all, a number, or from one to another as 2-5`}
              value={all ? 'all' : from === to ? String(from) : `${from}-${to}`}
              shown={all ? t`all are printed` : from === to ? t`only ${from} is printed` : t`${from} to ${to} are printed`}
              onKeep={(typed) => setRange(rangeOf(typed))}
            />
          )}
          <PlainButton onClick={() => setPrinting(true)}>{t`Print`}</PlainButton>
          {view.pupils.length > 0 && all ? (
            <PlainButton type="primary" onClick={() => start(() => printList(view.id, false, printedFor))}>{t`Make the PDF`}</PlainButton>
          ) : (
            <a className={`${parts.door} ${parts.primary}`} href={pdf} target="_blank" rel="noreferrer">{t`Make the PDF`}</a>
          )}
        </Leaves>
      </ArtOf>
      {working}
      {printing && <Printing view={view} printedFor={printedFor} from={from} to={to} onDone={() => setPrinting(false)} />}
    </>
  );
}
