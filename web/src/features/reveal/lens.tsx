import { t } from '@lingui/core/macro';
import { useCallback, useState } from 'react';
import type { Intention } from '../../api/types';
import { hang, type LensRoom } from '../lens';
import { Appeared } from './Appeared';
import { RevealSide } from './RevealSide';
import { StepsBar } from './StepsBar';
import { useReveal } from './useReveal';

function useRevealLens(room: LensRoom | undefined, on: boolean) {
  const { edit } = room ?? {};
  const made = useCallback(async (what: Intention) => edit?.(what), [edit]);
  const revealing = useReveal(room?.view, room?.board, on, made);
  /** The version before the student was moved to another step, while what is new to see is told. */
  const [appeared, setAppeared] = useState<number>();
  if (!room) return {};
  const { view, mayEdit } = room;

  /** One action: the student is at another step, and what is new to see is told. */
  async function moveOn(to: { id: string }) {
    const before = view.version;
    if (await made({ type: 'go-to-step', step: to.id })) setAppeared(before);
  }

  return {
    overlay: revealing.lens,
    onPaint: mayEdit ? revealing.onPaint : undefined,
    paints: true,
    counted: true,
    below: on && (
      <StepsBar view={view} mayEdit={mayEdit} inHand={revealing.inHand?.id} onInHand={revealing.take} onEdit={room.edit} onMoveOn={(to) => void moveOn(to)} />
    ),
    side: on && revealing.revealed && (
      <RevealSide
        view={view}
        board={room.board}
        button={room.button}
        chosen={room.chosen}
        mayEdit={mayEdit}
        revealed={revealing.revealed}
        inHand={revealing.inHand?.id}
        onEdit={room.edit}
        onShow={room.showAt}
        onPropose={() => room.open('propose')}
        onFacts={() => room.open('facts')}
      />
    ),
    dialog: appeared !== undefined && <Appeared view={view} since={appeared} onClose={() => setAppeared(undefined)} />,
  };
}

hang({
  name: t`Reveal`,
  place: 1,
  about: t`Which words are shown, and what waits`,
  mark: <path d="M1 8c3-5 11-5 14 0-3 5-11 5-14 0Zm7-2a2 2 0 1 0 0 4 2 2 0 0 0 0-4Z" />,
  useLens: useRevealLens,
});
