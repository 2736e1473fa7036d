import { t } from '@lingui/core/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Select } from 'antd';
import { useState } from 'react';
import type { Board, Cell, DayWord, Intention, Saying, VocabularyView } from '../../api/types';
import { effects, quips } from '../../data/effects';
import { found } from '../../data/pictures';
import { cellsToFill } from '../../drawn/grid';
import { dayBoards, dayOffers, threeDays } from './days';
import { grouped, offers, offersFor } from './sayings';
import { useSoundsByKeys } from './soundsByKeys';
import bench from '../../shell/bench.module.css';

type Offered = { value?: string; label: string; options?: { value: string; label: string }[] };

/** A whole group on a board of its own. */
const ALL_OF = 'all:';
const PATTERN = 'day/pattern ';
const THREE_DAYS = 'day/three';
/** Without a picture of their own they show that of what they say. */
const PICTURED_BY_THE_DAY: DayWord[] = ['SEASON', 'PART_OF_DAY'];

/** Puts into an empty cell a button that is heard as a sound or says a quip, or one that opens a board of them; pictures are found by their names. */
export function PutSound({
  view,
  board,
  cell,
  keptFree,
  onPut,
  onPattern,
}: {
  view: VocabularyView;
  board: Board;
  cell: Cell;
  keptFree: Cell[];
  onPut: (edit: Intention) => void;
  /** A new board of a pattern is to be opened from here. */
  onPattern: (pattern: string, name: string) => void;
}) {
  const boardId = board.id;
  const { data: sounding = [] } = useQuery(effects);
  const { data: spoken = [] } = useQuery(quips);
  const [typed, setTyped] = useState('');
  const { playSound } = useSoundsByKeys(view);
  const queries = useQueryClient();
  const { message } = App.useApp();
  const all = [...dayOffers(), ...offers(sounding, spoken)];
  const days = dayBoards().map(({ pattern, label }) => ({ value: PATTERN + pattern, label }));
  const three = { value: THREE_DAYS, label: t`yesterday, today and tomorrow, each on its paper` };
  const threeCells = cellsToFill(board, cell, 3, keptFree);

  async function pictured(saying: Saying): Promise<Saying> {
    if (saying.day && PICTURED_BY_THE_DAY.includes(saying.day)) return saying;
    const pictures = await queries
      .fetchQuery(found({ query: saying.label, most: 1, language: view.locale }, { vocabulary: view.id, version: view.version, board: boardId }))
      .catch(() => undefined);
    const [first] = pictures?.pictures ?? [];
    return { ...saying, picture: first?.sure ? first.id : undefined };
  }

  async function put(value: string) {
    if (value === THREE_DAYS) {
      if (threeCells) onPut(threeDays(boardId, threeCells));
      else void message.info(t`Yesterday, today and tomorrow need three empty cells. Add a row or a column first, or put them one by one.`);
      return;
    }
    if (value.startsWith(PATTERN)) {
      const chosen = dayBoards().find((b) => PATTERN + b.pattern === value);
      if (chosen) onPattern(chosen.pattern, chosen.name);
      return;
    }
    if (value.startsWith(ALL_OF)) {
      const name = value.slice(ALL_OF.length);
      const of = all.filter((o) => o.group === name);
      onPut({ type: 'board-of-sayings', board: boardId, at: cell, name, sayings: await Promise.all(of.map((o) => pictured(o.saying))) });
      return;
    }
    const chosen = all.find((o) => o.key === value);
    if (chosen) onPut({ type: 'put-saying', board: boardId, at: cell, saying: await pictured(chosen.saying) });
  }

  return (
    <Select<string | null, Offered>
      className={bench.chooseBoard}
      aria-label={t`Put here a sound`}
      placeholder={t`a sound, something to say, the day`}
      showSearch
      filterOption={false}
      searchValue={typed}
      onSearch={setTyped}
      value={null}
      notFoundContent={t`No sound or quip is called so. Type it as a word, then let the button say a recording.`}
      listHeight={320}
      onActive={playSound}
      options={
        typed.trim()
          ? [
              ...[three, ...days].filter((o) => o.label.toLowerCase().includes(typed.trim().toLowerCase())),
              ...offersFor(all, typed).map((o) => ({ value: o.key, label: o.label })),
            ]
          : grouped(all).map(([group, of]) => ({
              label: group,
              options: [
                ...of.map((o) => ({ value: o.key, label: o.label })),
                ...(of[0].saying.day ? [three, ...days] : [{ value: ALL_OF + group, label: t`all of these, on a new board` }]),
              ],
            }))
      }
      onSelect={(value) => {
        setTyped('');
        if (value) void put(value);
      }}
    />
  );
}
