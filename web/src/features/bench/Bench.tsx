import { useQuery } from '@tanstack/react-query';
import { Fragment, useEffect, useMemo, useRef } from 'react';
import { steps as stepsQuery, useHeard } from '../../data/boards';
import { DayWords, useDayWords } from '../../data/dayWords';
import { useOtherVocabularies } from '../../data/students';
import { onOneLine } from '../../data/typed';
import { useLive } from '../../shell/live';
import { onClipboard } from './copied';
import { useCopying } from './copying';
import { Dialogs } from './Dialogs';
import { Doors } from './Doors';
import { Frame } from './Frame';
import { Head } from './Head';
import { BenchRoomOf, useRoom, type Shown } from './room';
import { Side } from './Side';
import { Stage } from './Stage';
import { useActions } from './useActions';
import { useBench } from './useBench';
import { useLenses } from './useLenses';
import type { Here } from '../../api/types';
import bench from '../../shell/bench.module.css';

/** A board in hand, with everything round it. */
export function Bench({ id, boardId, shown }: { id: number; boardId: string; shown?: Shown }) {
  const { room } = useBench(id, boardId, shown);
  const lenses = useLenses(room);
  useOtherVocabularies(shown?.view);
  const here = useLive('vocabularies', id, boardId, useHeard(id));
  if (!room) return <Frame />;
  return (
    <BenchRoomOf value={room}>
      <OnTheBench lenses={lenses} here={here} />
    </BenchRoomOf>
  );
}

function OnTheBench({ lenses, here }: { lenses: ReturnType<typeof useLenses>; here: Here[] }) {
  const room = useRoom();
  const { id, boardId, version, board, line, mayEdit, state, move, change, showAt, marked, button, chosen } = room;
  const steps = useQuery(stepsQuery(id)).data;
  const side = useRef<HTMLElement>(null);
  const wordLine = useRef<HTMLInputElement>(null);
  const copying = useCopying({
    vocabulary: id,
    version,
    boardId,
    board,
    boardName: line.name,
    marked,
    change,
    buttons: chosen.length > 0 ? chosen : button ? [button] : [],
    onNewBoard: (begun) => void actions.newBoard(begun),
    onShow: showAt,
  });
  const actions = useActions(room, copying.copyBoard, steps);

  /** What the keys for copy, cut and paste do now, wherever on the bench the focus is. */
  const clipboard = useRef<{ copy: (cut: boolean) => void; paste: (text: string) => void }>(undefined);
  useEffect(() => {
    const taken = mayEdit && state.doing.what !== 'in a dialog';
    clipboard.current = taken
      ? {
          copy: copying.copy,
          paste: (text) => {
            if (copying.paste(text)) return;
            move({ move: 'type', text: onOneLine(text) });
            wordLine.current?.focus();
          },
        }
      : undefined;
  });
  useEffect(() => onClipboard(() => clipboard.current), []);

  const days = useDayWords(
    id,
    useMemo(() => [board], [board]),
  );
  return (
    <DayWords value={days}>
      <div className={bench.bench} data-ready>
        <Head here={here} steps={steps} onChoose={actions.fromMenu} />
        <div className={bench.benchBody}>
          <Doors lens={lenses.name} onLens={lenses.choose} counted={lenses.lens.counted} />
          <Stage lens={lenses.lens} overlays={lenses.overlays} actions={actions} side={side} wordLine={wordLine} />
          <Side lens={lenses.lens} actions={actions} copying={copying} side={side} />
        </div>
        {lenses.dialogs.map((dialog, i) => (
          <Fragment key={i}>{dialog}</Fragment>
        ))}
        <Dialogs actions={actions} />
      </div>
    </DayWords>
  );
}
