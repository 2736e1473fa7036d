import { t } from '@lingui/core/macro';
import { Link } from 'react-router';
import css from './talk.module.css';

/** A step of the plan that is tried. */
export interface Tried {
  number: number;
  name: string;
}

/** That this is not what the student has, and the way out of it. */
export function TriedLine({ vocabulary, tried }: { vocabulary: number; tried: Tried }) {
  return (
    <p className={css.tried} role="note" aria-label={t`Tried`}>
      {t`This tries step ${tried.number}, ${tried.name}. Nothing of it is kept or counted.`}{' '}
      <Link to={`/vocabularies/${vocabulary}`}>{t`Back to the boards`}</Link>
    </p>
  );
}
