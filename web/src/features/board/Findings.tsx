import { Link } from 'react-router';
import type { Edit, Finding, VocabularyView } from '../../api/types';

const SHOWN = 6;

/** What is worth a look, each with one click to mend it. Those of the board on the bench come first. */
export function Findings({ view, boardId, mayEdit, onMend }: { view: VocabularyView; boardId: string; mayEdit: boolean; onMend: (edit: Edit) => void }) {
  if (view.findings.length === 0) return null;
  const ordered = view.findings.toSorted((a, b) => Number(b.board === boardId) - Number(a.board === boardId));
  return (
    <section className="findings" aria-label="Worth a look">
      <h3>Worth a look</h3>
      {ordered.slice(0, SHOWN).map((f) => (
        <p key={key(f)}>
          {f.sentence}{' '}
          {mayEdit && f.mends.map((m) => <button key={m.words} type="button" className="dotted" onClick={() => onMend(m.edit)}>{m.words}</button>)}
          {f.board !== boardId && <Link className="dotted" to={`/vocabularies/${view.id}/boards/${encodeURIComponent(f.board)}`}>show it</Link>}
        </p>
      ))}
      {ordered.length > SHOWN && <p className="quiet">And {ordered.length - SHOWN} more; mend these and they come up.</p>}
    </section>
  );
}

const key = (f: Finding) => `${f.what} ${f.board} ${f.cell?.row}-${f.cell?.column}`;
