import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useSeen } from '../../shell/seen';
import { BoardPicture } from '../../drawn/BoardPicture';
import { board as boardQuery, vocabulary as vocabularyQuery } from '../../data/boards';
import { ArtOf } from '../../drawn/art';
import css from './students.module.css';

/** The student's home board, small and true; asked for when its row is scrolled to. */
export function HomePicture({ vocabulary, name }: { vocabulary: number; name: string }) {
  const [place, seen] = useSeen();
  const { data: view } = useQuery({ ...vocabularyQuery(vocabulary), enabled: seen });
  const line = view?.boards.find((b) => b.id === view.home);
  const { data: board } = useQuery(boardQuery(vocabulary, view?.home ?? '', line?.revision));
  const looks = useMemo(() => ({ look: view?.look ?? {}, papers: view?.papers ?? {} }), [view?.look, view?.papers]);
  return (
    <span ref={place} className={css.homePicture}>
      {view && board && (
        <ArtOf art={view.art} vocabulary={vocabulary}>
          <BoardPicture board={board} looks={looks} label={t`${name}’s home board`} />
        </ArtOf>
      )}
    </span>
  );
}
