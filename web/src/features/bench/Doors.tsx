import { t } from '@lingui/core/macro';
import { useNavigate } from 'react-router';
import { arrivalsAt } from '../arrival';
import { BoardList } from '../boardlist';
import { passageAt } from '../passage';
import { regridAt } from '../regrid';
import { buttonAt } from '../../drawn/grid';
import { LensBar } from './LensBar';
import { useRoom } from './room';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

/** Along the left: the lenses, the doors to what is about all boards, and the boards. */
export function Doors({ lens, onLens, counted }: { lens: string; onLens: (lens: string) => void; counted?: boolean }) {
  const { id, view, mayEdit, move, boardId, board, marked } = useRoom();
  const free = buttonAt(board, marked) ? undefined : marked;
  const navigate = useNavigate();
  return (
    <BoardList view={view} mayEdit={mayEdit} counted={counted} onAdd={() => move({ move: 'open', dialog: 'board' })}>
      <LensBar lens={lens} onLens={onLens} />
      <div className={bench.boardDoors}>
        <button type="button" className={parts.dotted} onClick={() => void navigate(`/vocabularies/${id}/map`)}>{t`map of boards`}</button>
        <button type="button" className={parts.dotted} onClick={() => move({ move: 'open', dialog: 'words' })}>{t`find a word`}</button>
        <button type="button" className={parts.dotted} onClick={() => void navigate(passageAt(id, boardId))}>{t`what can be said`}</button>
        {mayEdit && <button type="button" className={parts.dotted} onClick={() => void navigate(arrivalsAt(id, boardId, free))}>{t`bring boards in`}</button>}
        {mayEdit && <button type="button" className={parts.dotted} onClick={() => move({ move: 'open', dialog: 'grow' })}>{t`let words grow`}</button>}
        {mayEdit && <button type="button" className={parts.dotted} onClick={() => void navigate(regridAt(id, boardId))}>{t`another grid`}</button>}
        {mayEdit && <button type="button" className={parts.dotted} onClick={() => move({ move: 'open', dialog: 'person' })}>{t`add a person`}</button>}
        <button type="button" className={parts.dotted} onClick={() => move({ move: 'open', dialog: 'history' })}>{t`what happened`}</button>
      </div>
    </BoardList>
  );
}
