import { t } from '@lingui/core/macro';
import { Button, Progress } from 'antd';
import { done, taking, type Batch } from './taking';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

export function BatchTold({ batch, onAgain }: { batch: Batch; onAgain: () => void }) {
  const words = t`${batch.taken} of ${batch.of} taken in${batch.before > 0 ? t`, ${batch.before} of them known before` : ''}.`;
  return (
    <section className={css.batch} aria-label={t`Taking in`} aria-live={batch.running ? 'off' : 'polite'}>
      <Progress
        percent={Math.floor((done(batch) / batch.of) * 100)}
        status={batch.running ? 'active' : batch.refused.length > 0 ? 'exception' : 'success'}
        aria-label={t`How many are taken in`}
      />
      <p>
        {words}
        {batch.stopped > 0 && t` The other ${batch.stopped} were left.`}{' '}
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
              <li key={r.why}>
                {r.why}
                {r.files > 1 && t` (${r.files} files)`}
              </li>
            ))}
            {batch.refused.length > 20 && <li>{t`and ${batch.refused.length - 20} more`}</li>}
          </ul>
        </div>
      )}
      {batch.notes.map((n) => (
        <p key={n.why} className={parts.quiet} role="status">
          {n.why}
          {n.files > 1 && t` (${n.files} files)`}
        </p>
      ))}
      {!batch.running && batch.again > 0 && <Button onClick={onAgain}>{batch.again === 1 ? t`Try that one again` : t`Try those ${batch.again} again`}</Button>}
    </section>
  );
}
