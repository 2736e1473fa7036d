import { plural, t } from '@lingui/core/macro';
import { Checkbox } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { sentence } from '../../api/client';
import type { FirstBoards, Student } from '../../api/types';
import { firstBoards, makeFirstBoard } from '../../data/firstBoards';
import { caseload, vocabularies } from '../../data/students';
import { Bringing } from './Bringing';
import { HandSentence } from './HandSentence';
import { leave, type Brought } from './brought';
import { NewGrid } from './NewGrid';
import { SaysEach } from './SaysEach';
import { useSaysEach } from './sayingEach';
import parts from '../../shell/parts.module.css';
import css from './first.module.css';

const USUAL_CELLS = 4;

/** Before there is anything on it: how many cells it is to hold one day, and the place to bring the first photos or words. */
export function Before({ student, sizes, on }: { student: Student; sizes: FirstBoards; on: string }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [cells, setCells] = useState(USUAL_CELLS);
  const [sentenced, setSentenced] = useState(false);
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState('');
  const [says, setSays] = useSaysEach();
  const rooms = sentenced ? sizes.withSentence : sizes.rooms;
  const room = rooms.find((r) => r.cells === cells)!;

  async function begin(brought: Brought) {
    setBusy(true);
    setWrong('');
    // More photos than cells: as long as nothing stands on it, it can be laid out for them.
    const most = rooms.at(-1)!.cells;
    try {
      const made = await makeFirstBoard(student.id, Math.min(most, Math.max(cells, brought.count)), sentenced);
      leave(made.vocabulary, brought);
      void queries.invalidateQueries({ queryKey: caseload.queryKey });
      void queries.invalidateQueries({ queryKey: vocabularies(student.id).queryKey });
      void navigate(`/students/${student.id}/first/${made.vocabulary}`, { replace: true });
    } catch (error) {
      setWrong(sentence(error));
      setBusy(false);
    }
  }

  return (
    <main className={parts.page} data-ready>
      <div className={parts.pageHead}>
        <h1>{t`A first board for ${student.name}`}</h1>
        <span className={parts.quiet}>{t`on ${on}`}</span>
      </div>
      <div className={css.first}>
        <section aria-label={t`The board`}>
          <NewGrid room={room} sentence={sentenced ? [student.name, t`wants`] : undefined} screen={student.screen} />
        </section>
        <section className={css.side} aria-label={t`What goes on it`}>
          <h2>{t`How many cells it has`}</h2>
          <div className={css.sizes} role="group" aria-label={t`How many cells it has`}>
            {rooms.map((r) => (
              <button
                key={r.cells}
                type="button"
                aria-pressed={r.cells === cells}
                disabled={!r.largeEnough}
                title={r.largeEnough ? undefined : t`Its cells would be smaller than ${student.name} can hit.`}
                onClick={() => setCells(r.cells)}
              >
                {r.cells}
              </button>
            ))}
          </div>
          <p className={parts.quiet}>
            {plural(room.cells, {
              one: '# cell.',
              other: 'Room for # in time. What stands on it never moves: the first two stand in opposite corners, later ones between them.',
            })}
          </p>
          <p>
            <Checkbox checked={sentenced} onChange={(e) => setSentenced(e.target.checked)}>
              {t`With a row above that says who wants: “${student.name} wants …”`}
            </Checkbox>
          </p>
          <HandSentence
            student={student}
            sizes={sizes}
            room={room}
            onKept={() => void queries.invalidateQueries({ queryKey: firstBoards(student.id).queryKey })}
          />
          <h2>{t`What goes on it`}</h2>
          {wrong && <p role="alert">{wrong}</p>}
          <Bringing busy={busy} onBring={(brought) => void begin(brought)} />
          <SaysEach says={says} onSays={setSays} />
        </section>
      </div>
    </main>
  );
}
