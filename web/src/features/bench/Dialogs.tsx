import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { sameCell } from '../../data/cells';
import { credits } from '../../data/pictures';
import { Facts } from '../fact';
import { Credits } from '../picture';
import { ProposePlan } from '../reveal';
import { AddPerson } from './AddPerson';
import { ChainBoards } from './ChainBoards';
import { ConflictDialog } from './ConflictDialog';
import { GrowDialog } from '../grow';
import { CopyFor } from './CopyFor';
import { KeepBundle } from './KeepBundle';
import { History } from './History';
import { NewBoard } from './NewBoard';
import { useRoom } from './room';
import { Shortcuts } from './Shortcuts';
import type { Actions } from './useActions';
import { Words } from './Words';

/** What is opened over the bench, one at a time; a change that met somebody else's asks whatever else is open. */
export function Dialogs({ actions }: { actions: Actions }) {
  const { state } = useRoom();
  const conflict = state.conflicts[0];
  return (
    <>
      <AboutBoards actions={actions} />
      <AboutWords actions={actions} />
      <AboutTheStudent />
      {conflict && <ConflictDialog conflict={conflict} onSettle={(how) => actions.settle(conflict, how)} />}
    </>
  );
}

function useDialog() {
  const { doing } = useRoom().state;
  return doing.what === 'in a dialog' ? doing.dialog : undefined;
}

/** New ones, chains and copies, what happened, and what the keys do. */
function AboutBoards({ actions }: { actions: Actions }) {
  const { view, line, boardId, version, mayEdit, rest, change, edit, marked, button } = useRoom();
  const dialog = useDialog();
  return (
    <>
      {dialog === 'board' && (
        <NewBoard
          view={view}
          boardName={line.name}
          free={button || line.keptFree.some((k) => sameCell(k, marked)) ? undefined : marked}
          onClose={rest}
          onMake={actions.newBoard}
        />
      )}
      {dialog === 'chain' && (
        <ChainBoards
          view={view}
          begin={boardId}
          onClose={rest}
          onChain={async (boards) => (await edit({ type: 'chain-boards', boards, next: 'next', first: t`first again` })) !== undefined}
        />
      )}
      {dialog === 'copy' && <CopyFor view={view} onClose={rest} />}
      {dialog === 'grow' && (
        <GrowDialog
          view={view}
          board={boardId}
          onGrow={(growing) => change({ what: 'grow', base: version, growing })}
          onPlan={(steps, ahead) => change({ what: 'grow in steps', base: version, steps, ahead })}
          onClose={rest}
        />
      )}
      {dialog === 'bundle' && <KeepBundle view={view} boardId={boardId} name={line.name} onClose={rest} />}
      {dialog === 'shortcuts' && <Shortcuts onClose={rest} />}
      {dialog === 'history' && (
        <History
          view={view}
          boardId={boardId}
          mayEdit={mayEdit}
          onClose={rest}
          onGoBack={(to) => {
            rest();
            void change({ what: 'go back', base: version, version: to });
          }}
        />
      )}
    </>
  );
}

/** Where they stand, somebody's name, and whose pictures they have. */
function AboutWords({ actions }: { actions: Actions }) {
  const { id, view, mayEdit, rest, edit, showAt } = useRoom();
  const dialog = useDialog();
  return (
    <>
      {dialog === 'words' && (
        <Words
          view={view}
          mayEdit={mayEdit}
          onClose={rest}
          onGo={(to, cell) => {
            rest();
            showAt(to, cell);
          }}
          onEdit={async (made) => (await edit(made)) !== undefined}
        />
      )}
      {dialog === 'person' && <AddPerson view={view} onClose={rest} onAdd={actions.addPeople} />}
      {dialog === 'credits' && <Credits of={credits(id)} name={view.name} onClose={rest} />}
    </>
  );
}

/** A plan proposed, and what is true of the student. */
function AboutTheStudent() {
  const { id, version, view, rest, edit } = useRoom();
  const dialog = useDialog();
  return (
    <>
      {dialog === 'propose' && <ProposePlan view={view} onClose={rest} onEdit={edit} />}
      {dialog === 'facts' && view.student && (
        <Modal open title={t`Facts about ${view.student.name}`} footer={null} onCancel={rest} width={640}>
          <Facts student={view.student} vocabulary={{ id, version, step: view.plan.steps[view.plan.at - 1]?.id }} onEdit={edit} />
        </Modal>
      )}
    </>
  );
}
