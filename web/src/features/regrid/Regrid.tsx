import { plural, t } from '@lingui/core/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { sentence } from '../../api/client';
import type { Board, VocabularyView } from '../../api/types';
import { regridSeen } from '../../data/regrid';
import { studentChanged } from '../../data/students';
import { useEdits } from '../edit';
import { BeforeAfter } from './BeforeAfter';
import { begin, isAsItIs, type Choice } from './choice';
import { Moves } from './Moves';
import { StepByStep } from './StepByStep';
import { Topics } from './Topics';
import { WhichGrid } from './WhichGrid';
import { Ways } from './Ways';
import css from './regrid.module.css';

/** What is chosen at the left, what it would do at the right, and doing it. */
export function Regrid({ view, board }: { view: VocabularyView; board: Board }) {
  const [choice, setChoice] = useState<Choice>(() => begin(board));
  const [busy, setBusy] = useState(false);
  const { make, asking } = useEdits(view.id);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const same = isAsItIs(choice, board);
  const { data, error, isFetching } = useQuery({ ...regridSeen(view.id, { ...choice, base: view.version }), enabled: !same });
  const seen = error || same ? undefined : data;
  async function lay() {
    setBusy(true);
    const laid = await make({ what: 'regrid', base: view.version, regridding: choice });
    if (laid && choice.turned && view.student) studentChanged(queries, view.student.id);
    setBusy(false);
    if (laid) void navigate(`/vocabularies/${view.id}/boards/${encodeURIComponent(board.id)}`);
  }
  return (
    <div className={css.both}>
      <section className={css.panel} aria-label={t`What is chosen`}>
        <WhichGrid view={view} board={board} choice={choice} onChoose={setChoice} />
        {seen && <Ways view={view} board={board} choice={choice} seen={seen} onChoose={setChoice} onMake={make} />}
      </section>
      <section className={css.panel} aria-label={t`What it would do`} aria-busy={isFetching} aria-live="polite">
        {same && <p role="status">{t`This is the grid it has. Choose other rows or columns, and see here what each word would do.`}</p>}
        {error && <p role="alert">{sentence(error)}</p>}
        {seen && (
          <>
            <div className={css.head}>
              <h2>{whatMoves(seen.ways[0].moved, seen.boards.length)}</h2>
              <Button type="primary" disabled={busy || isFetching} loading={busy} onClick={() => void lay()}>
                {seen.steps
                  ? plural(seen.steps.length, { one: 'Plan it in one step', other: 'Plan it in # steps' })
                  : plural(seen.boards.length, { one: 'Lay it so', other: 'Lay all # so' })}
              </Button>
            </div>
            {!choice.turned && (seen.ways[0].moved > 0 || choice.steps) && <StepByStep view={view} seen={seen} choice={choice} onChoose={setChoice} />}
            <BeforeAfter view={view} seen={seen} onShow={(shown) => setChoice({ ...choice, shown })} />
            <Topics seen={seen} choice={choice} onChoose={setChoice} />
            <Moves shown={seen.shown} counts={seen.counts} />
          </>
        )}
      </section>
      {asking}
    </div>
  );
}

function whatMoves(moved: number, boards: number): string {
  if (moved === 0) return t`A finger finds every word where it was`;
  return boards === 1
    ? plural(moved, { one: '# word would not be found where it was', other: '# words would not be found where they were' })
    : t`${plural(moved, { one: '# word', other: '# words' })} on ${boards} boards would not be found where they were`;
}
