import { plural, t } from '@lingui/core/macro';
import type { BoardLine, Button, VocabularyView } from '../../api/types';

// What a button does, in words of its sentence.

export function opensABoard(button: Button, view: VocabularyView): boolean {
  const { leads } = button;
  return leads.type === 'opens' && view.boards.some((b) => b.id === leads.board);
}

export function says(button: Button): string {
  switch (button.says.type) {
    case 'label':
      return t`its own label`;
    case 'words':
      return `“${button.says.text}”`;
    case 'nothing':
      return t`nothing`;
  }
}

export function leadsWhere(button: Button, view: VocabularyView): string {
  switch (button.leads.type) {
    case 'stays':
      return t`stays here`;
    case 'home':
      return t`goes home`;
    case 'back':
      return t`goes back`;
    case 'elsewhere':
      return t`opens another vocabulary`;
    case 'opens': {
      const to = button.leads.board;
      const board = view.boards.find((b) => b.id === to);
      if (!board) return t`opens a board that is not there`;
      return button.leads.once ? t`opens ${board.name} and comes back after one word` : t`opens ${board.name}`;
    }
  }
}

export function taps(line: BoardLine): string {
  if (!line.route) return t`No taps from home lead to this board.`;
  const n = line.route.length + 1;
  return plural(n, { one: '# tap, from home.', other: '# taps from home.' });
}
