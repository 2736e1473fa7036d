import { t } from '@lingui/core/macro';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { WordList } from '../../api/types';
import type { Act } from '../../data/lists';
import { takeIn } from '../../data/pictures';
import type { Brought } from '../first';
import type { As } from './as';

/** What cameras’ files are called says nothing. */
const NAMELESS = 'picture';

/** Photos and words put in as pages, all that can be; what cannot is said and keeps none of the others. */
export function useBroughtPages(view: WordList, as: As, act: (act: Act) => Promise<WordList | undefined>) {
  const [coming, setComing] = useState(0);
  const [wrong, setWrong] = useState<string[]>([]);
  const taken = async (file: File) => {
    const facts = { categories: [], shows: 'OTHERS' as const, origin: 'OWN_PHOTO' as const, author: '', licence: '', source: '' };
    const whose = view.student ? { audience: 'STUDENT' as const, student: view.student.id } : { audience: 'MINE' as const };
    return (await takeIn(file, { ...facts, ...whose })).picture;
  };
  const notPut = (file: File, error: unknown) => t`“${file.name}” was not put in. ${sentence(error)}`;

  async function bring(brought: Brought): Promise<boolean> {
    setWrong([]);
    if ('text' in brought) {
      const lines = brought.text.split('\n').filter((l) => l.trim());
      return (await act(as === 'BOOK' ? { what: 'words', chosen: lines.map((word) => ({ word })) } : { what: 'words', text: brought.text })) !== undefined;
    }
    const said: string[] = [];
    const chosen: { word: string; picture: string }[] = [];
    for (const [i, file] of brought.files.entries()) {
      setComing(brought.files.length - i);
      try {
        const picture = await taken(file);
        const word = picture.about.words[0];
        chosen.push({ word: word === NAMELESS ? '' : word, picture: picture.picture });
      } catch (error) {
        said.push(notPut(file, error));
      }
    }
    setComing(0);
    setWrong(said);
    return chosen.length > 0 && (await act({ what: 'words', chosen })) !== undefined;
  }

  /** A photo in the place of what a page shows. */
  async function takePicture(file: File, word: WordList['words'][number]) {
    try {
      const { picture } = await taken(file);
      await act({ what: 'edit', edit: { type: 'change-word', word: { ...word, pictures: [picture] } } });
    } catch (error) {
      setWrong([notPut(file, error)]);
    }
  }
  return { coming, wrong, bring, takePicture };
}
