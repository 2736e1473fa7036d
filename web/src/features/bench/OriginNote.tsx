import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { VocabularyView } from '../../api/types';
import { origin } from '../../data/boards';
import parts from '../../shell/parts.module.css';

const far = ({ boards, buttons }: { boards: number; buttons: number }) =>
  buttons === 0 && boards === 0
    ? t`nothing has changed`
    : t`${plural(buttons, { one: '# button', other: '# buttons' })} on ${plural(boards, { one: '# board', other: '# boards' })} changed`;

/** What a copy is of, and how far both have moved since. */
export function OriginNote({ view }: { view: VocabularyView }) {
  const [from] = useQuery(origin(view.id, view.version)).data ?? [];
  if (!from) return null;
  const name = from.vocabulary ? (
    <Link className={parts.dotted} to={`/vocabularies/${from.vocabulary}`}>
      {from.name}
    </Link>
  ) : (
    `“${from.name}”`
  );
  return (
    <p className={parts.quiet}>
      {from.note ? (
        <Trans>
          A copy of {name} as it was at version {from.version}: “{from.note}”.
        </Trans>
      ) : (
        <Trans>
          A copy of {name} as it was at version {from.version}.
        </Trans>
      )}{' '}
      {from.there ? t`Since then ${far(from.here)} here, and ${far(from.there)} there.` : t`Since then ${far(from.here)} here.`}
    </p>
  );
}
