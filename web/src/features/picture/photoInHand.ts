import { App } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useId, useState } from 'react';
import { sentence } from '../../api/client';
import type { OwnAbout } from '../../api/types';
import { takeIn } from '../../data/pictures';
import { useGround, type Ground } from './ground';
import { showsFor, type Shows } from './shows';

/** A photo somebody has chosen in a dialog and that is not sent yet: whatever button ends the dialog takes it along. */
export interface PhotoInHand {
  file?: File;
  setFile: (file?: File) => void;
  audience: OwnAbout['audience'];
  setAudience: (audience: OwnAbout['audience']) => void;
  shows: Shows;
  setShows: (shows: Shows) => void;
  student?: { id: string; name: string };
  ground: Ground;
  busy: boolean;
  /** Why it could not be taken in; empty if it could. */
  problem: string;
  /** Takes it in under a word. Its id; undefined if none is in hand. Throws if it could not be taken: it stays in hand then. */
  take: (word: string) => Promise<string | undefined>;
  /** For the button that ends the dialog: it has the focus as soon as a photo is in hand, so that Enter ends it. */
  finish: { id: string };
}

export function usePhotoInHand(student?: { id: string; name: string }): PhotoInHand {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const [file, setFile] = useState<File>();
  const [audience, setAudience] = useState<OwnAbout['audience']>(student ? 'STUDENT' : 'MINE');
  const [chosen, setShows] = useState<Shows>('OTHERS');
  const shows = showsFor(audience, chosen);
  const id = useId();
  useEffect(() => {
    if (file) document.getElementById(id)?.focus();
  }, [file, id]);
  const taking = useMutation({
    mutationFn: ({ photo, word }: { photo: File; word: string }) =>
      takeIn(photo, {
        words: word.trim() ? [word.trim()] : undefined,
        categories: [],
        audience,
        student: audience === 'STUDENT' ? student?.id : undefined,
        shows,
        origin: 'OWN_PHOTO',
        author: '',
        licence: '',
        source: '',
      }),
    onSuccess: ({ leftOut }) => {
      if (leftOut) void message.info(leftOut, 6);
      void queries.invalidateQueries({ queryKey: ['pictures'] });
      void queries.invalidateQueries({ queryKey: ['own-pictures'] });
    },
  });
  async function take(word: string) {
    if (!file) return undefined;
    const { picture } = await taking.mutateAsync({ photo: file, word });
    setFile(undefined);
    return picture.picture;
  }
  const ground = useGround(file, setFile);
  const set = (file?: File) => {
    taking.reset();
    ground.forget();
    setFile(file);
  };
  return {
    file,
    setFile: set,
    audience,
    setAudience,
    shows,
    setShows,
    student,
    ground,
    busy: taking.isPending,
    problem: taking.isError ? sentence(taking.error) : '',
    take,
    finish: { id },
  };
}
