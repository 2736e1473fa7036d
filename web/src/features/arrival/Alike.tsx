import { plural, t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Button, Radio } from 'antd';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { ArrivalBoard } from '../../api/types';
import { alike } from '../../data/arrivals';
import { BoardPicture } from '../../drawn/BoardPicture';
import parts from '../../shell/parts.module.css';
import { takenHere, type Choice } from './choice';
import css from './arrival.module.css';

/** So many are shown at once; more are, when they are asked for. */
const SHOWN = 3;

interface Around {
  vocabulary: number;
  from: number;
  choice: Choice;
  onChoose: (choice: Choice) => void;
}

/** Boards called like one that is here, with other content: both side by side, and which of them is to be opened. */
export function Alike({ boards, ...around }: Around & { boards: ArrivalBoard[] }) {
  const { choice, onChoose } = around;
  if (boards.length === 0) return null;
  const all = boards.map((b) => b.board);
  return (
    <section aria-label={t`Called alike`}>
      <h3>{plural(boards.length, { one: '# board is called like one that is here', other: '# boards are called like some that are here' })}</h3>
      {boards.length > 1 && (
        <p className={parts.sentenceButtons}>
          <Button onClick={() => onChoose(takenHere(choice, all, true))}>{t`Open the ones here instead, all ${boards.length}`}</Button>
          <Button onClick={() => onChoose(takenHere(choice, all, false))}>{t`Let all ${boards.length} come too`}</Button>
        </p>
      )}
      {boards.map((b) => (
        <One key={b.board} board={b} open={boards.length <= SHOWN} {...around} />
      ))}
    </section>
  );
}

function One({ board: { board, name, here }, open, choice, onChoose, ...between }: Around & { board: ArrivalBoard; open: boolean }) {
  const [looking, setLooking] = useState(open);
  return (
    <article className={css.alike} aria-label={name}>
      <Radio.Group
        value={choice.instead.includes(board)}
        onChange={(e) => onChoose(takenHere(choice, [board], e.target.value as boolean))}
        options={[
          { value: false, label: t`“${name}” comes too, beside the one here` },
          { value: true, label: t`the one here is opened instead` },
        ]}
      />
      {looking && here ? (
        <Both {...between} there={board} here={here} name={name} people={choice.people} />
      ) : (
        <p>
          <button type="button" className={parts.dotted} onClick={() => setLooking(true)} aria-label={t`look at both of “${name}”`}>
            {t`look at both`}
          </button>
        </p>
      )}
    </article>
  );
}

function Both({
  vocabulary,
  from,
  there,
  here,
  name,
  people,
}: Pick<Around, 'vocabulary' | 'from'> & Record<'there' | 'here' | 'name', string> & { people: boolean }) {
  const both = useQuery(alike(vocabulary, from, there, here, people));
  if (both.error) return <p role="alert">{sentence(both.error)}</p>;
  if (!both.data) return <div aria-busy="true" />;
  return (
    <div className={css.pair}>
      <BoardPicture board={both.data.there} label={t`“${name}” there`} marked={both.data.onlyThere} />
      <BoardPicture board={both.data.here} label={t`“${name}” here`} marked={both.data.onlyHere} />
    </div>
  );
}
