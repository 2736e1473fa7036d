import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { BoardPicture } from '../board/BoardPicture';
import { board as boardQuery, vocabulary as vocabularyQuery } from '../board/boards';
import { ArtOf } from '../picture/art';
import css from './students.module.css';

/** The student's home board, small and true. */
export function HomePicture({ vocabulary, name }: { vocabulary: number; name: string }) {
  const { data: view } = useQuery(vocabularyQuery(vocabulary));
  const line = view?.boards.find((b) => b.id === view.home);
  const { data: board } = useQuery(boardQuery(vocabulary, view?.home ?? '', line?.revision));
  const looks = useMemo(() => ({ look: view?.look ?? {}, papers: view?.papers ?? {} }), [view?.look, view?.papers]);
  return (
    <span className={css.homePicture}>
      {view && board && (
        <ArtOf art={view.art} vocabulary={vocabulary}>
          <BoardPicture board={board} looks={looks} label={`${name}’s home board`} />
        </ArtOf>
      )}
    </span>
  );
}
