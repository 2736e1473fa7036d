import { t } from '@lingui/core/macro';
import { StageRoom } from './StageRoom';
import bench from '../../shell/bench.module.css';
import drawn from '../../drawn/drawn.module.css';
import parts from '../../shell/parts.module.css';
/** The bench before its boards are there: everything in its place, nothing in it yet. */
export function Frame() {
  return (
    <div className={bench.bench} aria-busy="true">
      <section className={bench.pathBar} aria-label={t`This board`}>
        <span className={parts.quiet} role="status">{t`Opening the boards …`}</span>
      </section>
      <div className={bench.benchBody}>
        <nav className={bench.boardList} aria-label={t`Boards`} />
        <main className={bench.stage}>
          <StageRoom ratio={4 / 3}>
            <div className={`${drawn.mat} ${bench.benchMat}`} />
          </StageRoom>
          <div className={bench.wordLine} />
        </main>
        <aside className={bench.side} aria-label={t`What is marked`} />
      </div>
    </div>
  );
}
