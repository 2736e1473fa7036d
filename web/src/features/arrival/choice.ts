import type { ArrivalWay, Bringing } from '../../api/types';

/** What somebody has chosen of another vocabulary so far. */
export interface Choice {
  /** In the order in which they were chosen. */
  boards: string[];
  withAll: boolean;
  /** Boards there for which the one here of the same name is taken. */
  instead: string[];
  /** By board there that does not come. */
  ways: Record<string, ArrivalWay>;
  /** By button there; it goes before `ways`. */
  single: Record<string, ArrivalWay>;
  people: boolean;
  looks: boolean;
  section: boolean;
  /** Single buttons that come by themselves, if no boards are brought. */
  carried?: Bringing['carried'];
  /** What is written on the button that opens them; none to call it like the first board. */
  name?: string;
}

export const NOTHING: Choice = { boards: [], withAll: true, instead: [], ways: {}, single: {}, people: false, looks: false, section: false };

const without = (all: string[], one: string) => all.filter((b) => b !== one);

export const toggled = (choice: Choice, board: string): Choice => ({
  ...choice,
  boards: choice.boards.includes(board) ? without(choice.boards, board) : [...choice.boards, board],
});

/** These too, after those that are chosen. */
export const withBoards = (choice: Choice, boards: string[]): Choice => ({ ...choice, boards: [...new Set([...choice.boards, ...boards])] });

/** Whether the boards here of the same names are opened instead of these. */
export const takenHere = (choice: Choice, boards: string[], here: boolean): Choice => ({
  ...choice,
  instead: [...choice.instead.filter((b) => !boards.includes(b)), ...(here ? boards : [])],
});

/** The way out for all buttons that open a board which does not come: what was said of one of them goes. */
export function withWay(choice: Choice, missing: string, buttons: string[], way: ArrivalWay): Choice {
  const single = Object.fromEntries(Object.entries(choice.single).filter(([button]) => !buttons.includes(button)));
  return { ...choice, ways: { ...choice.ways, [missing]: way }, single };
}

export const withSingle = (choice: Choice, button: string, way: ArrivalWay): Choice => ({ ...choice, single: { ...choice.single, [button]: way } });

/** As it is asked for. Without a name of its own the button is called like the first board that comes. */
export function bringing(choice: Choice, from: number, base: number, where: Omit<Bringing['where'], 'name' | 'section'>): Bringing {
  const { boards, carried, withAll, instead, ways, single, people, looks, section, name } = choice;
  return { base, from, boards, carried, withAll, instead, ways, single, people, looks, where: { ...where, name: name ?? '', section } };
}
