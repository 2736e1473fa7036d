import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Board, Button, VocabularyView } from '../../api/types';
import { wordForms } from '../../data/wordForms';
import { Fitting, formed, type TalkState } from '../../talking';

const changes = (button: Button) => button.doings.some((d) => d.type === 'change-form' || d.type === 'offer-form');

/** The forms of the words that can be said here; undefined if nothing here changes one. */
export function useForms(view: VocabularyView, boards: Board[]): Fitting | undefined {
  const wanted = useMemo(() => boards.some((b) => b.buttons.some(changes)), [boards]);
  const { data } = useQuery({ ...wordForms(view.id, view.version), enabled: wanted });
  return useMemo(() => data && new Fitting(data), [data]);
}

/** A cell for a form as it is now: with the last word in that form, or with nothing where it has none. */
export function asOffered(button: Button, message: TalkState['message'], forms?: Fitting): { button: Button; none: boolean } {
  const offer = button.doings.find((d) => d.type === 'offer-form');
  if (!offer) return { button, none: false };
  const made = formed(message, offer.form, forms);
  return made
    ? { button: { ...button, label: made, layers: message.at(-1)!.layers }, none: false }
    : { button: { ...button, label: '', layers: [] }, none: true };
}
