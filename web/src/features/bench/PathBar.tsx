import { t } from '@lingui/core/macro';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { BoardLine, VocabularyView } from '../../api/types';
import { TappedGrid } from '../../drawn/TappedGrid';
import { DottedText } from '../../shell/Dotted';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

/** The path along the top: each board on the way as a small grid with the tapped cell filled. */
export function PathBar({
  view,
  line,
  mayEdit,
  onRename,
  children,
}: {
  view: VocabularyView;
  line: BoardLine;
  mayEdit: boolean;
  onRename: (name: string) => void;
  children: ReactNode;
}) {
  const boards = new Map(view.boards.map((b) => [b.id, b]));
  return (
    <section className={bench.pathBar} aria-label={t`This board`}>
      <span className={bench.whose}>
        <DottedText label={t`Rename the vocabulary`} value={view.name} disabled={!mayEdit} onKeep={onRename} />
      </span>
      <nav aria-label={t`The way to this board`} className={bench.path}>
        {line.route?.map((tap) => {
          const on = boards.get(tap.board);
          return (
            on && (
              <span key={tap.board} className={bench.step}>
                <TappedGrid rows={on.rows} columns={on.columns} cell={tap.cell} />
                <Link to={`/vocabularies/${view.id}/boards/${encodeURIComponent(on.id)}`}>{on.name}</Link>
                <span className={`${parts.quiet} ${bench.then}`}>{t`then`}</span>
              </span>
            )
          );
        })}
        {!line.route && <span className={parts.quiet}>{t`no tap leads to`}</span>}
        <h1>{line.name}</h1>
      </nav>
      <span className={parts.grow} />
      {children}
    </section>
  );
}
