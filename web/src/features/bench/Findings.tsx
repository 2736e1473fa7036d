import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Finding, Intention, VocabularyView } from '../../api/types';
import { findings } from '../../data/boards';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

const SHOWN = 6;

/** What is worth a look, each with one click to mend it. Those of the board on the bench come first. */
export function Findings({
  view,
  boardId,
  mayEdit,
  onMend,
}: {
  view: VocabularyView;
  boardId: string;
  mayEdit: boolean;
  onMend: (intention: Intention) => void;
}) {
  const any = view.boards.some((b) => b.toMend);
  const { data } = useQuery({ ...findings(view.id, view.version, boardId), enabled: any });
  if (!any || !data || data.total === 0) return null;
  return (
    <section className={bench.findings} aria-label={t`Worth a look`}>
      <h3>{t`Worth a look`}</h3>
      {data.findings.slice(0, SHOWN).map((f) => (
        <p key={key(f)}>
          {f.sentence}{' '}
          {mayEdit &&
            f.mends.map((m) => (
              <button key={m.words} type="button" className={parts.dotted} onClick={() => onMend(m.intention)}>
                {m.words}
              </button>
            ))}
          {f.board !== boardId && <Link className={parts.dotted} to={`/vocabularies/${view.id}/boards/${encodeURIComponent(f.board)}`}>{t`show it`}</Link>}
        </p>
      ))}
      {data.total > SHOWN && <p className={parts.quiet}>{t`And ${data.total - SHOWN} more; mend these and they come up.`}</p>}
    </section>
  );
}

const key = (f: Finding) => `${f.what} ${f.board} ${f.cell?.row}-${f.cell?.column}`;
