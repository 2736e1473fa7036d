import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Board, Button, FormsOf, VocabularyView } from '../../api/types';
import { wordForms } from '../../data/wordForms';
import { Fitting, formed, type Around, type TalkState, type Token } from '../../talking';

const changes = (button: Button) => button.doings.some((d) => d.type === 'change-form' || d.type === 'offer-form');

/** The forms of the words that can be said here, and of others that were met; undefined if nothing here changes one. */
export function useForms(view: VocabularyView, boards: Board[], met: FormsOf[]): Fitting | undefined {
  const wanted = useMemo(() => boards.some((b) => b.buttons.some(changes)), [boards]);
  const { data } = useQuery({ ...wordForms(view.id, view.version), enabled: wanted });
  return useMemo(() => data && new Fitting(data, met), [data, met]);
}

/** A cell for a form or for a word that is offered as it is now: with that, or with nothing where there is none. */
export function asOffered(button: Button, message: TalkState['message'], { forms, offered }: Around): { button: Button; none: boolean } {
  for (const doing of button.doings) {
    if (doing.type === 'offer-form') {
      const made = formed(message, doing.form, forms);
      return shown(button, made ? { text: made, layers: message.at(-1)!.layers } : undefined);
    }
    if (doing.type === 'offer-word') return shown(button, offered?.[doing.place - 1]);
  }
  return { button, none: false };
}

const shown = (button: Button, offer?: Token) => ({ button: { ...button, label: offer?.text ?? '', layers: offer?.layers ?? [] }, none: !offer });
