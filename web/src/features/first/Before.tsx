import { t } from '@lingui/core/macro';
import { Checkbox, Radio } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { sentence } from '../../api/client';
import type { FirstBoards, Student } from '../../api/types';
import { firstBoards, makeFirstBoard } from '../../data/firstBoards';
import { caseload, vocabularies } from '../../data/students';
import { Bringing } from './Bringing';
import { HandSentence } from './HandSentence';
import { NewGrid } from './NewGrid';
import { usePhotos, type Brought } from './photos';
import { SaysEach } from './SaysEach';
import { useSaysEach } from './sayingEach';
import { Told } from './Told';
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
  const [says, setSays] = useSaysEach();
  const rooms = sentenced ? sizes.withSentence : sizes.rooms;
  const fitting = rooms.filter((r) => r.largeEnough);
  const room = fitting.findLast((r) => r.cells <= cells) ?? rooms[0];
  const { coming, wrong, setWrong, take } = usePhotos(student.id, 'OTHERS');

  async function begin(brought: Brought): Promise<boolean> {
    const taken = 'files' in brought ? await take(brought.files, fitting.at(-1)?.cells ?? 0) : undefined;
    if (taken?.chosen.length === 0) return false;
    setBusy(true);
    try {
      const words = 'text' in brought ? brought : { chosen: taken?.chosen };
      const made = await makeFirstBoard(student.id, { cells: room.cells, sentence: sentenced, ...words });
      void queries.invalidateQueries({ queryKey: caseload.queryKey });
      void queries.invalidateQueries({ queryKey: vocabularies(student.id).queryKey });
      void navigate(`/students/${student.id}/first/${made.vocabulary}`, { replace: true, state: { toSay: says ? made.added : [], said: taken?.said } });
      return true;
    } catch (error) {
      setWrong((before) => [...before, sentence(error)]);
      setBusy(false);
      return false;
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
          <Radio.Group
            aria-label={t`How many cells it has`}
            optionType="button"
            buttonStyle="solid"
            value={room.cells}
            onChange={(e) => setCells(e.target.value as number)}
            options={rooms.map((r) => ({
              value: r.cells,
              label: r.cells,
              disabled: !r.largeEnough,
              title: r.largeEnough ? '' : t`Its cells would be smaller than ${student.name} can hit.`,
            }))}
          />
          {fitting.length === 0 && (
            <p role="alert">
              {t`Even two cells would be smaller here than ${student.name} can hit.`}{' '}
              {t`Change below what the hand needs, or the screen on the student’s page.`}
            </p>
          )}
          <p className={parts.quiet}>
            {t`Room for ${room.cells} in time. What stands on it never moves: the first two stand in opposite corners, later ones between them.`}
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
          <Told coming={coming} wrong={wrong} />
          <Bringing first busy={busy || coming > 0} onBring={begin} />
          <SaysEach says={says} onSays={setSays} />
          <p>
            <Link className={parts.dotted} to={`/first-boards?student=${student.id}`}>{t`several boards at once, from a table`}</Link>
          </p>
        </section>
      </div>
    </main>
  );
}
