import { t } from '@lingui/core/macro';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { VocabularyView } from '../../api/types';
import { useChanges } from '../../data/boards';
import { placeForWord } from '../../data/where';
import css from './talk.module.css';

/** Words that were spelt and stand on no board: each is made a button where it belongs with one press. */
export function Spelt({ view, words }: { view: VocabularyView; words: string[] }) {
  const changes = useChanges(view.id);
  const [told, setTold] = useState('');
  const [put, setPut] = useState<string[]>([]);
  const left = words.filter((word) => !put.includes(word));

  async function putWhereItBelongs(word: string) {
    try {
      const [here] = await placeForWord(view.id, word);
      if (!here) return setTold(t`No board has an empty cell for “${word}”. Add a row or a board first; nothing was changed.`);
      await changes.mutateAsync({ what: 'words', base: view.version, board: here.board, from: here.cell, text: word });
      setPut((all) => [...all, word]);
      setTold(t`“${word}” stands on ${here.name} now.`);
    } catch (error) {
      setTold(sentence(error));
    }
    return undefined;
  }

  if (left.length === 0 && !told) return null;
  return (
    <div role="group" aria-label={t`Words that were spelt`}>
      {left.map((word) => (
        <button key={word} type="button" className={css.quietKey} onClick={() => void putWhereItBelongs(word)}>{t`put “${word}” where it belongs`}</button>
      ))}
      <p role="status">{told}</p>
    </div>
  );
}
