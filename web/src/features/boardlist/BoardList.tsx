import { plural, t } from '@lingui/core/macro';
import { Input } from 'antd';
import { useState } from 'react';
import { NavLink } from 'react-router';
import type { VocabularyView } from '../../api/types';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

const MANY = 25;
const FOLDED = 'dwimble-boards-folded';
/** Where the list would leave the board too little room. */
const NARROW = 900;

/** What is dragged when a board of the list is: its id, under this type. */
export const BOARD_DRAGGED = 'application/x-dwimble-board';

/** Every board of the vocabulary, home first; those with something to mend carry a dot. */
export function BoardList({
  view,
  mayEdit,
  onAdd,
  counted,
  children,
}: {
  view: VocabularyView;
  mayEdit: boolean;
  onAdd: () => void;
  /** Says of each board how many of its words are shown. */
  counted?: boolean;
  children?: React.ReactNode;
}) {
  const [sought, setSought] = useState('');
  const [folded, setFolded] = useState(() => localStorage.getItem(FOLDED) === 'yes' || (localStorage.getItem(FOLDED) === null && window.innerWidth < NARROW));
  function fold(now: boolean) {
    localStorage.setItem(FOLDED, now ? 'yes' : 'no');
    setFolded(now);
  }
  if (folded)
    return (
      <nav className={bench.folded} aria-label={t`Boards`}>
        <button type="button" className={bench.fold} aria-label={t`Show the list of boards`} aria-expanded="false" onClick={() => fold(false)}>
          »
        </button>
      </nav>
    );
  const boards = view.boards.filter((b) => b.name.toLowerCase().includes(sought.toLowerCase()));
  return (
    <nav className={bench.boardList} aria-label={t`Boards`}>
      <button type="button" className={bench.fold} aria-label={t`Fold the list of boards`} aria-expanded="true" onClick={() => fold(true)}>
        «
      </button>
      {children}
      <h2>{plural(view.boards.length, { one: '# board', other: '# boards' })}</h2>
      {view.boards.length > MANY && (
        <Input size="small" aria-label={t`Find a board`} placeholder={t`Find a board`} value={sought} onChange={(e) => setSought(e.target.value)} />
      )}
      <ul>
        {boards.map((b) => (
          <li key={b.id}>
            <NavLink
              draggable={mayEdit}
              onDragStart={(e) => {
                e.dataTransfer.setData(BOARD_DRAGGED, b.id);
                e.dataTransfer.effectAllowed = 'link';
              }}
              to={`/vocabularies/${view.id}/boards/${encodeURIComponent(b.id)}`}
              title={b.name}
            >
              <span>{b.name}</span>
              {counted && (
                <small className={bench.shownHere} title={t`${b.shown} of ${b.words} words shown`}>
                  {b.shown}/{b.words}
                </small>
              )}
              {b.toMend && <i className={bench.mendDot} role="img" aria-label={t`something to mend`} />}
            </NavLink>
          </li>
        ))}
      </ul>
      {mayEdit && <button type="button" className={parts.dotted} onClick={onAdd}>{t`add a board`}</button>}
    </nav>
  );
}
