import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import type { Advice } from '../../api/types';
import { advice } from '../../data/boards';
import { KEYS, waysOn, type WayOn } from './ways';
import bench from '../../shell/bench.module.css';
import { number } from '../../words/words';
import parts from '../../shell/parts.module.css';

/** Where words went that found no room on the board that was shown. */
export interface Elsewhere {
  words: string[];
  board: string;
  name: string;
}

/** What the word line asks about the words in it. */
export function useAdvice(vocabulary: number, version: number, board: string, word: string, count: number, lately?: string) {
  return useQuery({ ...advice(vocabulary, version, board, word, count, lately), enabled: word !== '' }).data;
}

const mm = (length: number) => Math.round(length);

/** What going it means, in a few words. */
function told(way: WayOn): string {
  switch (way.way) {
    case 'board':
      return t`on ${way.name} (${way.empty} free)`;
    case 'new board':
      return way.boards === 1
        ? t`on a new board from ${way.name}`
        : t`on ${number(way.boards)} new boards, the first opened from ${way.name}, each next from the one before`;
    case 'new row':
      return way.small
        ? t`in a new row below: no word moves, cells get ${mm(way.thenMm)} mm high instead of ${mm(way.heightMm)}, which many hands miss`
        : t`in a new row below: no word moves, cells get ${mm(way.thenMm)} mm high instead of ${mm(way.heightMm)}`;
    case 'kept cell':
      return way.home
        ? t`in a kept cell: other boards have home there, so a hand that goes home twice would say it`
        : t`in a kept cell: other boards have back there, so a hand that goes back twice would say it`;
  }
}

/**
 * What stands under the word line: what Enter will do, where a word stands already, and every way on if there is no room, each
 * with its key.
 */
export function WordAdvice({
  word,
  full,
  many,
  advice,
  board,
  hint,
  went,
  onGo,
  onWay,
  onFill,
  onSeek,
  onLeaveIt,
}: {
  word: string;
  full: boolean;
  /** More words than one. */
  many: boolean;
  advice?: Advice;
  board: string;
  hint: string;
  went?: Elsewhere;
  onGo: (board: string) => void;
  onWay: (way: WayOn) => void;
  onFill?: () => void;
  onSeek?: () => void;
  onLeaveIt: () => void;
}) {
  const door = (words: string, onClick: () => void) => (
    <button type="button" className={parts.dotted} onClick={onClick}>
      {words}
    </button>
  );
  if (word === '') {
    return (
      <p className={bench.advice} role="status">
        {went ? (
          <>
            {went.words.length === 1
              ? t`“${went.words[0]}” now stands on ${went.name}.`
              : t`${went.words.map((w) => `“${w}”`).join(', ')} now stand on ${went.name}.`}{' '}
            {door(t`go there`, () => onGo(went.board))}
          </>
        ) : (
          <span className={parts.quiet}>{hint}</span>
        )}
      </p>
    );
  }
  const [stands] = advice?.stands ?? [];
  const already = stands && (
    <>
      {stands.board === board
        ? t`“${word}” stands here already, row ${stands.cell.row + 1}, place ${stands.cell.column + 1}.`
        : t`“${word}” stands on ${stands.name} already, ${taps(stands.taps)}.`}{' '}
      {stands.board === board ? (
        <Trans>{door(t`leave it`, onLeaveIt)};</Trans>
      ) : (
        <Trans>
          {door(t`go there`, () => onGo(stands.board))} or {door(t`leave it`, onLeaveIt)};
        </Trans>
      )}{' '}
    </>
  );
  if (!full)
    return (
      <p className={bench.advice} role="status">
        {already}
        <span className={already ? undefined : parts.quiet}>{already ? t`Enter puts it here too.` : hint}</span>
        {onSeek && <> {door(t`a photo, a drawing or the web`, onSeek)}</>}
      </p>
    );
  const ways = advice ? waysOn(advice) : [];
  const [first, ...others] = ways;
  const boards = others.filter((w) => w.way === 'board');
  return (
    <div className={bench.advice} role="status">
      {already}
      {first && (
        <p className={bench.wayOn}>
          <NoRoom
            many={many}
            first={door(told(first), () => onWay(first))}
            others={boards.map((w) => ({ key: w.board, door: door(w.name, () => onWay(w)) }))}
          />
        </p>
      )}
      {advice && !first && (
        <p className={bench.wayOn}>{t`No board has room and this one can take no row more. Take a button off, here or on another board.`}</p>
      )}
      {others
        .filter((w) => w.way !== 'board')
        .map((w) => (
          <p key={w.way} className={bench.wayOn}>
            <kbd>{KEYS[w.way]}</kbd> {door(told(w), () => onWay(w))}.
          </p>
        ))}
      {onFill && (
        <p className={bench.wayOn}>
          <Trans>Or {door(t`fill this board and new ones after it`, onFill)}.</Trans>
        </p>
      )}
    </div>
  );
}

const taps = (n: number) => (n === 0 ? t`which no taps lead to` : plural(n, { one: '# tap from home', other: '# taps from home' }));

/** Where what is typed goes instead, and on which other boards it could. */
function NoRoom({ many, first, others }: { many: boolean; first: ReactNode; others: { key: string; door: ReactNode }[] }) {
  const boards = others.map(({ key, door }, i) => (
    <span key={key}>
      {i > 0 && ', '}
      {door}
    </span>
  ));
  const there =
    others.length > 0 ? (
      <Trans>
        {first}, or on {boards}
      </Trans>
    ) : (
      first
    );
  return many ? (
    <Trans>
      No room here. <kbd>Enter</kbd> puts them {there}.
    </Trans>
  ) : (
    <Trans>
      No room here. <kbd>Enter</kbd> puts it {there}.
    </Trans>
  );
}
