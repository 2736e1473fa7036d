import { plural, t } from '@lingui/core/macro';
import type { PassageRead, PassageShare } from '../../api/types';
import parts from '../../shell/parts.module.css';
import css from './passage.module.css';

/** How much of the text can be said, by words and by different words; of several, each. */
export function Shares({ read: { all, each } }: { read: PassageRead }) {
  return (
    <>
      <h2>{t`${all.percent} % of it can be said now`}</h2>
      <Bar share={all} />
      <p className={parts.quiet}>{told(all)}</p>
      {each.length > 1 && (
        <ul className={css.each}>
          {each.map((share, i) => (
            <li key={i}>
              {t`Text ${i + 1}: ${share.percent} %`} <span className={parts.quiet}>{told(share)}</span>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

export function Bar({ share }: { share: PassageShare }) {
  return (
    <div className={css.bar} aria-hidden="true">
      <span style={{ inlineSize: `${share.percent}%` }} />
    </div>
  );
}

export function told({ words, said, different, saidOf }: PassageShare): string {
  const of = plural(words, { one: '# word', other: '# words' });
  return t`${said} of ${of}; ${saidOf} of ${different} different ones. Names and numbers are not counted.`;
}
