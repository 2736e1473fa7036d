import { t } from '@lingui/core/macro';
import { Button, Progress } from 'antd';
import { done, taking, type Batch } from './taking';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

const times = ({ why, files }: { why: string; files: number }) => (files > 1 ? t`${why} (${files} files)` : why);

export function BatchTold({ batch, onAgain }: { batch: Batch; onAgain: () => void }) {
  const { taken, of, before } = batch;
  const words = before > 0 ? t`${taken} of ${of} taken in, ${before} of them known before.` : t`${taken} of ${of} taken in.`;
  return (
    <section className={css.batch} aria-label={t`Taking in`} aria-live={batch.running ? 'off' : 'polite'}>
      <Progress
        percent={Math.floor((done(batch) / batch.of) * 100)}
        status={batch.running ? 'active' : batch.refused.length > 0 ? 'exception' : 'success'}
        aria-label={t`How many are taken in`}
      />
      <p>
        {words} {batch.stopped > 0 && t`The other ${batch.stopped} were left.`}{' '}
        {batch.running ? (
          batch.of > 3 && (
            <>
              <button type="button" className={parts.dotted} onClick={() => taking.stop()}>{t`stop here`}</button>{' '}
              <span className={parts.quiet}>{t`You can go on with other things meanwhile.`}</span>
            </>
          )
        ) : (
          <button type="button" className={parts.dotted} onClick={() => taking.close()}>{t`done`}</button>
        )}
      </p>
      {batch.refused.length > 0 && (
        <div role="alert">
          <ul>
            {batch.refused.slice(0, 20).map((r) => (
              <li key={r.why}>{times(r)}</li>
            ))}
            {batch.refused.length > 20 && <li>{t`and ${batch.refused.length - 20} more`}</li>}
          </ul>
        </div>
      )}
      {batch.notes.map((n) => (
        <p key={n.why} className={parts.quiet} role="status">
          {times(n)}
        </p>
      ))}
      {!batch.running && batch.again > 0 && <Button onClick={onAgain}>{batch.again === 1 ? t`Try that one again` : t`Try those ${batch.again} again`}</Button>}
    </section>
  );
}
