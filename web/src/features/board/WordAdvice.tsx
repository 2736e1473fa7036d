import { useQuery } from '@tanstack/react-query';
import type { Advice } from '../../api/types';
import { advice } from './boards';
import bench from './bench.module.css';
import parts from '../../shell/parts.module.css';

/** Where words went that found no room on the board that was shown. */
export interface Elsewhere { words: string; board: string; name: string }

/** What the word line asks about the words in it. */
export function useAdvice(vocabulary: number, version: number, board: string, word: string, count: number) {
  return useQuery({ ...advice(vocabulary, version, board, word, count), enabled: word !== '' }).data;
}

/**
 * One line under the word line, always there so that nothing moves: what Enter will do, where a word stands already, and
 * where it could go if there is no room.
 */
export function WordAdvice({ word, full, advice, board, hint, went, onGo, onPutOn, onFurther, onFill, onSeek, onLeaveIt }: {
  word: string; full: boolean; advice?: Advice; board: string; hint: string; went?: Elsewhere;
  onGo: (board: string) => void; onPutOn: (board: string, name: string) => void; onFurther: (from: string) => void; onFill?: () => void; onSeek?: () => void; onLeaveIt: () => void;
}) {
  const door = (words: string, onClick: () => void) => <button type="button" className={parts.dotted} onClick={onClick}>{words}</button>;
  if (word === '') {
    return <p className={bench.advice} role="status">{went ? <>{went.words} now stands on {went.name}. {door('go there', () => onGo(went.board))}</> : <span
      className={parts.quiet}>{hint}</span>}</p>;
  }
  const [stands] = advice?.stands ?? [];
  const already = stands && (
    <>
      “{word}” {stands.board === board ? `stands here already, row ${stands.cell.row + 1}, place ${stands.cell.column + 1}` : `stands on ${stands.name} already, ${taps(stands.taps)}`}.{' '}
      {stands.board !== board && <>{door('go there', () => onGo(stands.board))} or </>}{door('leave it', onLeaveIt)};{' '}
    </>
  );
  if (!full) return <p className={bench.advice} role="status">{already}<span
    className={already ? undefined : parts.quiet}>{already ? 'Enter puts it here too.' : hint}</span>{onSeek && <> {door('a photo, a drawing or the web', onSeek)}</>}</p>;
  const [best, ...others] = advice?.rooms ?? [];
  return (
    <p className={bench.advice} role="status">
      {already}
      {advice && (best ? <>No room here: Enter puts it on <strong>{best.name}</strong> ({best.empty} empty){others.length > 0 && <>, or on {others.map((r, i) => <span key={r.board}>{i > 0 && ', '}{door(r.name, () => onPutOn(r.board, r.name))}</span>)}</>}{advice.further && ', or on '}</>
        : advice.further ? 'No room here: Enter puts it on ' : 'No room here or near here. Take a button off, or add a board on the left.')}
      {advice?.further && <>{door(`a new board from ${advice.further.name}`, () => onFurther(advice.further!.from))}.</>}
      {onFill && <> Or {door('fill this board and new ones after it', onFill)}.</>}
    </p>
  );
}

const taps = (n: number) => (n === 0 ? 'which no taps lead to' : n === 1 ? '1 tap from home' : `${n} taps from home`);
