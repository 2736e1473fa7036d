import { Button, Progress } from 'antd';
import { done, taking, type Batch } from './taking';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

export function BatchTold({ batch, onAgain }: { batch: Batch; onAgain: () => void }) {
  const words = `${batch.taken} of ${batch.of} taken in${batch.before > 0 ? `, ${batch.before} of them known before` : ''}.`;
  return (
    <section className={css.batch} aria-label="Taking in" aria-live={batch.running ? 'off' : 'polite'}>
      <Progress
        percent={Math.floor((done(batch) / batch.of) * 100)}
        status={batch.running ? 'active' : batch.refused.length > 0 ? 'exception' : 'success'}
        aria-label="How many are taken in"
      />
      <p>
        {words}
        {batch.stopped > 0 && ` The other ${batch.stopped} were left.`}{' '}
        {batch.running ? (
          batch.of > 3 && (
            <>
              <button type="button" className={parts.dotted} onClick={() => taking.stop()}>
                stop here
              </button>{' '}
              <span className={parts.quiet}>You can go on with other things meanwhile.</span>
            </>
          )
        ) : (
          <button type="button" className={parts.dotted} onClick={() => taking.close()}>
            done
          </button>
        )}
      </p>
      {batch.refused.length > 0 && (
        <div role="alert">
          <ul>
            {batch.refused.slice(0, 20).map((r) => (
              <li key={r.why}>
                {r.why}
                {r.files > 1 && ` (${r.files} files)`}
              </li>
            ))}
            {batch.refused.length > 20 && <li>and {batch.refused.length - 20} more</li>}
          </ul>
        </div>
      )}
      {batch.notes.map((n) => (
        <p key={n.why} className={parts.quiet} role="status">
          {n.why}
          {n.files > 1 && ` (${n.files} files)`}
        </p>
      ))}
      {!batch.running && batch.again > 0 && <Button onClick={onAgain}>{batch.again === 1 ? 'Try that one again' : `Try those ${batch.again} again`}</Button>}
    </section>
  );
}
