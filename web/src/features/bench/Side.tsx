import { t } from '@lingui/core/macro';
import type { KeyboardEvent as ReactKeyboardEvent, ReactNode, RefObject } from 'react';
import { GrowOrShrink } from '../grow';
import type { LensAtWork } from '../lens';
import { AboutBoard } from './AboutBoard';
import { ButtonSentence } from './ButtonSentence';
import { ChosenSide } from './ChosenSide';
import type { useCopying } from './copying';
import { Findings } from './Findings';
import { LookSide } from './LookSide';
import { nextEmpty } from '../../drawn/grid';
import { useRoom } from './room';
import type { Actions } from './useActions';
import bench from '../../shell/bench.module.css';

interface Props {
  lens: LensAtWork;
  actions: Actions;
  copying: ReturnType<typeof useCopying>;
  side: RefObject<HTMLElement | null>;
}

/** On the right: what is marked, what the lens tells, what is worth a look. */
export function Side({ lens, actions, copying, side }: Props) {
  const { view, boardId, mayEdit, move, edit } = useRoom();

  /** Back from beside the board to the cell that is marked; not out of what opens over the board, and of no open list. */
  function leave(event: ReactKeyboardEvent) {
    const from = event.target as HTMLElement;
    if (event.key === 'Escape' && event.currentTarget.contains(from) && from.getAttribute('aria-expanded') !== 'true') move({ move: 'rest', focus: true });
  }

  return (
    <aside ref={side} tabIndex={-1} onKeyDown={leave} className={bench.side} aria-label={t`What is marked`}>
      <Marked told={lens.side} actions={actions} copying={copying} />
      {lens.beside}
      {!lens.below && <Findings view={view} boardId={boardId} mayEdit={mayEdit} onMend={(made) => void edit(made)} />}
    </aside>
  );
}

/** Its look while that is changed; else what the lens tells of it; else what is chosen together, the button, or the empty cell. */
function Marked({ told, actions, copying }: { told?: ReactNode; actions: Actions; copying: ReturnType<typeof useCopying> }) {
  const { view, line, board, boardId, version, mayEdit, state, move, rest, edit, change, marked, button, chosen } = useRoom();
  if (state.doing.what === 'looking' && mayEdit)
    return (
      <LookSide
        key={button?.id ?? 'board'}
        view={view}
        board={board}
        buttons={chosen.length > 1 ? chosen : button ? [button] : []}
        onEdit={(made) => void edit(made)}
        onDone={rest}
      />
    );
  if (told) return told;
  if (chosen.length > 1)
    return (
      <ChosenSide
        buttons={chosen}
        line={line}
        view={view}
        onEdit={(made) => void edit(made)}
        onCopy={() => copying.copy(false)}
        onNone={() => move({ move: 'choose all', ids: [] })}
        onLook={() => move({ move: 'look' })}
        onCopyTo={(to) => void copying.copyTo({ board: boardId, buttons: chosen.map((b) => b.id) }, to)}
      />
    );
  if (button) return <Sentence key={button.id} actions={actions} />;
  return (
    <AboutBoard
      view={view}
      board={board}
      line={line}
      cell={marked}
      mayEdit={mayEdit}
      onRename={(name) => void edit({ type: 'rename-board', board: boardId, name })}
      onLook={() => move({ move: 'look' })}
      onTry={(made) => void actions.tryOut(made)}
      onEdit={(made) => void edit(made).then((changed) => changed && move({ move: 'mark', cell: marked, focus: true }))}
      onPattern={(pattern, name) => void change({ what: 'board', base: version, name, openedFrom: boardId, at: marked, pattern })}
      onPut={(made) => {
        const filled = [...board.buttons, { cell: marked, span: { rows: 1, columns: 1 } }] as typeof board.buttons;
        const next = nextEmpty({ ...board, buttons: filled }, marked, line.keptFree);
        void edit(made).then((changed) => changed && move({ move: 'mark', cell: next ?? marked, focus: !next }));
      }}
    />
  );
}

/** The sentence of the marked button. */
function Sentence({ actions }: { actions: Actions }) {
  const { view, line, board, boardId, mayEdit, state, move, edit, change, button } = useRoom();
  if (!button) return null;
  return (
    <ButtonSentence
      button={button}
      board={board}
      line={line}
      view={view}
      mayEdit={mayEdit}
      doing={state.doing}
      onDoing={(what) =>
        move(what === 'renaming' ? { move: 'rename' } : what === 'choosing a picture' ? { move: 'choose picture' } : { move: 'rest', focus: true })
      }
      onChange={(made, base) => void edit(made, base)}
      onNewBoard={(name, opener) => void actions.newBoard({ name }, opener)}
      onOpen={actions.open}
      onTakeOff={actions.takeOff}
      onWalk={(from) => move({ move: 'link', board: boardId, button: from.id, label: from.label })}
      onCarry={(from) => move({ move: 'carry', board: boardId, button: from.id, label: from.label || t`The picture` })}
      onTry={(made) => void actions.tryOut(made)}
      onLook={() => move({ move: 'look' })}
      onChooseMore={(ids) => move({ move: 'choose all', ids })}
      growth={<GrowOrShrink key={button.id} view={view} board={boardId} button={button} onWish={change} />}
    />
  );
}
