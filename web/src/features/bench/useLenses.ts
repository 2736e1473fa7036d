import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Board, Preview, VocabularyView } from '../../api/types';
import type { Lens, Overlay } from '../../drawn/overlay';
import { lenses, type LensAtWork } from '../lens';
import { WORDS } from './LensBar';
import { lensOver, withMoves } from './lenses';
import type { BenchRoom } from './room';

// Every folder beside this one that has a lens hangs it up.
import.meta.glob('../*/lens.tsx', { eager: true });

const NONE: LensAtWork = {};

/** The lens that lies over the board, what it does, and what comes of it for each cell. */
export function useLenses(room?: BenchRoom) {
  const [search] = useSearchParams();
  const [name, choose] = useState(() => lenses().find((l) => l.name === search.get('lens'))?.name ?? WORDS);
  const given = room && { ...room, open: (dialog: 'propose' | 'facts') => room.move({ move: 'open', dialog }) };
  // All lenses that hang here are asked each time, in the same order.

  const all = lenses().map((lens) => ({ name: lens.name, ...lens.useLens(given, lens.name === name) }));
  const lens: LensAtWork = all.find((l) => l.name === name) ?? NONE;
  const doing = room?.state.doing;
  const moving = doing?.what === 'previewing' ? doing.moving : doing?.what === 'asked' ? doing.asked.moving : undefined;
  const overlays = useOverlays(room?.view, room?.board, lens.overlay, moving);
  return { name, choose, lens, overlays, dialogs: all.map((l) => l.dialog) };
}

/** What lies over each cell, worked out when something of it is other. */
function useOverlays(view: VocabularyView | undefined, board: Board | undefined, overlay: Lens | undefined, moving?: Preview['moving']) {
  return useMemo(() => (view && board ? withMoves(lensOver(overlay)(view, board), board, moving) : new Map<string, Overlay>()), [view, board, overlay, moving]);
}
