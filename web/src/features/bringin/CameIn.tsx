import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Link } from 'react-router';
import type { BroughtIn } from '../../api/types';
import { intoView } from '../../shell/intoView';
import css from './bringin.module.css';

/** What came of a file: boards, or a book. */
export function CameIn({ came, name }: { came: BroughtIn; name: string }) {
  return (
    <div ref={intoView} className={css.cameIn} role="status">
      {came.book === undefined ? (
        <p>
          <Trans>
            <strong>{came.name}</strong> is now one of {name}’s vocabularies: {plural(came.boards, { one: '# board', other: '# boards' })},{' '}
            {plural(came.buttons, { one: '# button', other: '# buttons' })}.
          </Trans>{' '}
          <Link to={`/vocabularies/${came.vocabulary}`}>{t`Open it`}</Link>
        </p>
      ) : (
        <p>
          <Trans>
            <strong>{came.name}</strong> is a book of {plural(came.boards, { one: '# page', other: '# pages' })}, and stands on {name}’s row now.
          </Trans>{' '}
          <Link to={`/lists/${came.book}/show`} state={{ back: location.pathname }}>{t`Open it`}</Link>
        </p>
      )}
      {came.findings.length > 0 && (
        <ul>
          {came.findings.map((f) => (
            <li key={f}>{f}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
