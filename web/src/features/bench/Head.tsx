import { t } from '@lingui/core/macro';
import { Button as PlainButton, Tooltip } from 'antd';
import { useNavigate } from 'react-router';
import type { Here, Steps, Version, VocabularyView } from '../../api/types';
import { may } from '../../data/may';
import { BenchMenu, type Chosen } from './BenchMenu';
import { PathBar } from './PathBar';
import { useRoom } from './room';
import { WhoIsHere } from './WhoIsHere';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

/** Along the top: the way here, who else is here, what is kept, undo, print, talk. */
export function Head({ here, steps, onChoose }: { here: Here[]; steps?: Steps; onChoose: (chosen: Chosen) => void }) {
  const { id, boardId, view, line, mayEdit, edit, step, go } = useRoom();
  const navigate = useNavigate();
  const alone = new Set(here.map((h) => h.account)).size < 2;
  return (
    <PathBar view={view} line={line} mayEdit={mayEdit} onRename={(name) => void edit({ type: 'rename-vocabulary', name })}>
      <WhoIsHere here={here} view={view} board={boardId} onGo={go} />
      <span className={`${parts.quiet} ${bench.kept}`}>{keptAs(view, mayEdit, alone)}</span>
      {mayEdit && <UndoAndRedo steps={steps} onStep={(what) => void step(what)} />}
      <PlainButton onClick={() => void navigate(`/vocabularies/${id}/boards/${encodeURIComponent(boardId)}/print`)}>{t`Print`}</PlainButton>
      <BenchMenu view={view} boardId={boardId} mayEdit={mayEdit} onChoose={onChoose} />
      {may(view, 'TALK') && (
        <PlainButton type="primary" onClick={() => void navigate(`/vocabularies/${id}/talk?board=${encodeURIComponent(boardId)}`)}>{t`Talk`}</PlainButton>
      )}
    </PathBar>
  );
}

function keptAs(view: VocabularyView, mayEdit: boolean, alone: boolean): string {
  if (mayEdit) return alone ? t`Kept as you go · version ${view.version}` : t`Kept · version ${view.version}`;
  if (view.starter) return t`A starter, to be copied`;
  return may(view, 'TALK') ? t`You can look and talk` : t`You can look and print`;
}

function UndoAndRedo({ steps, onStep }: { steps?: Steps; onStep: (what: 'undo' | 'redo') => void }) {
  return (
    <>
      {(['undo', 'redo'] as const).map((what) => {
        const title = stepTitle(what, steps?.[what]);
        return (
          <Tooltip key={what} title={title}>
            <PlainButton aria-label={title} disabled={!steps?.[what]} onClick={() => onStep(what)}>
              {what === 'undo' ? '↶' : '↷'}
            </PlainButton>
          </Tooltip>
        );
      })}
    </>
  );
}

/** Only one's own changes can be taken back, so nobody is named. */
function stepTitle(what: 'undo' | 'redo', version?: Version): string {
  if (what === 'undo') return version ? t`Undo: you ${version.summary}` : t`Nothing of yours to undo`;
  return version ? t`Redo: you ${version.summary}` : t`Nothing of yours to redo`;
}
