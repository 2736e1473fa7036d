import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { BoardLine, Cell, VocabularyView } from '../../api/types';
import { DottedText } from './Dotted';
import bench from './bench.module.css';
import parts from '../../shell/parts.module.css';

/** The path along the top: each board on the way as a small grid with the tapped cell filled. */
export function PathBar({ view, line, mayEdit, onRename, children }: { view: VocabularyView; line: BoardLine; mayEdit: boolean; onRename: (name: string) => void; children: ReactNode }) {
  const boards = new Map(view.boards.map((b) => [b.id, b]));
  return (
    <section className={bench.pathBar} aria-label="This board">
      <span className={bench.whose}><DottedText label="Rename the vocabulary" value={view.name} disabled={!mayEdit} onKeep={onRename} /></span>
      <nav aria-label="The way to this board" className={bench.path}>
        {line.route?.map((tap) => {
          const on = boards.get(tap.board);
          return on && (
            <span key={tap.board} className={bench.step}>
              <TappedGrid rows={on.rows} columns={on.columns} cell={tap.cell} />
              <Link to={`/vocabularies/${view.id}/boards/${encodeURIComponent(on.id)}`}>{on.name}</Link>
              <span className={`${parts.quiet} ${bench.then}`}>then</span>
            </span>
          );
        })}
        {!line.route && <span className={parts.quiet}>no tap leads to</span>}
        <h1>{line.name}</h1>
      </nav>
      <span className={parts.grow} />
      {children}
    </section>
  );
}

export function TappedGrid({ rows, columns, cell }: { rows: number; columns: number; cell: Cell }) {
  const unit = 10;
  return (
    <svg className={bench.tapped} viewBox={`-4 -4 ${columns * unit + 6} ${rows * unit + 6}`} role="img"
      aria-label={`tap row ${cell.row + 1}, place ${cell.column + 1}`}>
      {Array.from({ length: rows * columns }, (_, i) => {
        const [r, c] = [Math.floor(i / columns), i % columns];
        return <rect key={i} x={c * unit} y={r * unit} width={unit - 2.5} height={unit - 2.5} rx={1.5}
          className={r === cell.row && c === cell.column ? bench.tap : undefined} />;
      })}
    </svg>
  );
}
