import { useEffect } from 'react';
import type { ShownList } from '../../api/types';
import { ArtOf } from '../../drawn/art';
import { hush } from '../../data/voice';
import type { As } from './as';
import { BookView } from './BookView';
import { DayView } from './DayView';
import { WalkView } from './WalkView';
import css from './showing.module.css';

/** A day, a walk or a book over everything else, until it is left. */
export function Shown({ shown, as, onLeave }: { shown: ShownList; as: As; onLeave: () => void }) {
  const View = { DAY: DayView, WALK: WalkView, BOOK: BookView }[as];
  useEffect(() => hush, []);
  return (
    <ArtOf art={shown.art} list={shown.id}>
      <div className={css.whole}>
        <View shown={shown} onLeave={onLeave} />
      </div>
    </ArtOf>
  );
}
