import type { BoardLine, Button, Doing, VocabularyView } from '../../api/types';

// What a button does, in words of its sentence.

export function opensABoard(button: Button, view: VocabularyView): boolean {
  const { leads } = button;
  return leads.type === 'opens' && view.boards.some((b) => b.id === leads.board);
}

export function says(button: Button): string {
  switch (button.says.type) {
    case 'label':
      return 'its own label';
    case 'words':
      return `“${button.says.text}”`;
    case 'nothing':
      return 'nothing';
  }
}

export function does(doings: Doing[]): string {
  return doings
    .map((d) => {
      switch (d.type) {
        case 'spell':
          return `spells “${d.letters}”`;
        case 'add-space':
          return 'adds a space';
        case 'take-last-off':
          return 'takes one off';
        case 'clear-message':
          return 'clears the message';
        case 'say-message':
          return 'says the message';
      }
    })
    .join(' and ');
}

export function leadsWhere(button: Button, view: VocabularyView): string {
  switch (button.leads.type) {
    case 'stays':
      return 'stays here';
    case 'home':
      return 'goes home';
    case 'back':
      return 'goes back';
    case 'elsewhere':
      return 'opens another vocabulary';
    case 'opens': {
      const to = button.leads.board;
      const board = view.boards.find((b) => b.id === to);
      return board ? `opens ${board.name}${button.leads.once ? ' and comes back after one word' : ''}` : 'opens a board that is not there';
    }
  }
}

export function taps(line: BoardLine): string {
  if (!line.route) return 'No taps from home lead to this board.';
  const n = line.route.length + 1;
  return n === 1 ? '1 tap, from home.' : `${n} taps from home.`;
}
