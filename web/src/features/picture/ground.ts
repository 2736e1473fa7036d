import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import { cutout } from '../../data/pictures';

/** A photo in hand, with and without the ground it was taken on: one press takes it away, one puts it back. */
export interface Ground {
  /** True while the photo stands there without its ground. */
  gone: boolean;
  busy: boolean;
  /** Why it could not be taken away; empty if it could. */
  problem: string;
  takeAway: () => void;
  putBack: () => void;
  /** Another photo is in hand: of this one nothing is known. */
  forget: () => void;
}

export function useGround(file: File | undefined, setFile: (file: File) => void): Ground {
  const [before, setBefore] = useState<File>();
  const cutting = useMutation({
    mutationFn: cutout,
    onSuccess: (cut, photo) => {
      setBefore(photo);
      setFile(cut);
    },
  });
  return {
    gone: before !== undefined,
    busy: cutting.isPending,
    problem: cutting.isError ? sentence(cutting.error) : '',
    takeAway: () => file && cutting.mutate(file),
    putBack: () => {
      if (before) setFile(before);
      setBefore(undefined);
    },
    forget: () => {
      setBefore(undefined);
      cutting.reset();
    },
  };
}
