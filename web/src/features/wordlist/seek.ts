import type { ListLine } from '../../api/types';

const folded = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** True if every word that is sought is in a list’s name, or in whose it is. */
export const sought = (list: Pick<ListLine, 'name' | 'studentName' | 'ownerName'>, text: string): boolean => {
  const all = folded([list.name, list.studentName, list.ownerName].filter(Boolean).join(' '));
  return folded(text)
    .split(/\s+/)
    .every((part) => all.includes(part));
};
