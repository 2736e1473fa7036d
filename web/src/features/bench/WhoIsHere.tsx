import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import type { Here, VocabularyView } from '../../api/types';
import { session } from '../../data/session';
import bench from '../../shell/bench.module.css';

/** Who else has these boards open, and on which board each is; a name goes there. */
export function WhoIsHere({ here, view, board, onGo }: { here: Here[]; view: VocabularyView; board: string; onGo: (board: string) => void }) {
  const { data } = useQuery(session);
  const others = here.filter((h) => h.account !== data?.account?.id);
  if (others.length === 0) return null;
  return (
    <span className={bench.whoIsHere} role="status" aria-label={t`Who else is here`}>
      {others.map((h) => {
        const on = view.boards.find((b) => b.id === h.board);
        const where = h.board === board ? t`on this board` : on ? t`on ${on.name}` : t`here`;
        return (
          <button
            key={`${h.account} ${h.board}`}
            type="button"
            className={bench.person}
            disabled={!on || h.board === board}
            title={on && h.board !== board ? t`Go to ${on.name}` : undefined}
            onClick={() => onGo(h.board)}
          >
            <strong>{h.name}</strong> {where}
          </button>
        );
      })}
    </span>
  );
}
