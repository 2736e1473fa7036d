import type { Bringing, Cell } from '../../api/types';

/** What is chosen already when the page opens. */
export interface Begun {
  from: number;
  boards?: string[];
  carried?: Bringing['carried'];
}

/** Where boards are brought in, to be opened from a board, in a cell if one is meant. */
export function arrivalsAt(vocabulary: number, board: string, at?: Cell, begun?: Begun): string {
  const search = new URLSearchParams({ board, ...(at && { row: String(at.row), column: String(at.column) }) });
  if (begun) search.set('from', String(begun.from));
  begun?.boards?.forEach((b) => search.append('chosen', b));
  if (begun?.carried) search.set('of', begun.carried.board);
  begun?.carried?.buttons.forEach((b) => search.append('button', b));
  return `/vocabularies/${vocabulary}/arrivals?${search.toString()}`;
}

/** What stands in such an address. */
export function begunAt(search: URLSearchParams) {
  const row = search.get('row');
  const of = search.get('of');
  return {
    board: search.get('board') ?? undefined,
    at: row === null ? undefined : { row: Number(row), column: Number(search.get('column')) },
    from: search.has('from') ? Number(search.get('from')) : undefined,
    boards: search.getAll('chosen'),
    carried: of === null ? undefined : { board: of, buttons: search.getAll('button') },
  };
}
