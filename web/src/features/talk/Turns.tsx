import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { session } from '../../data/session';
import css from './talk.module.css';

/** Of two people who talk with one board in turn: whose turn it is. */
export function Turns({ student, theirs }: { student: string; theirs: boolean }) {
  const me = useQuery(session).data?.account?.name ?? t`you`;
  return (
    <p className={css.turns} aria-live="polite" aria-label={t`Whose turn it is`}>
      <span className={theirs ? css.turn : undefined}>{theirs ? t`${student}’s turn` : student}</span>
      <span className={theirs ? undefined : css.turn}>{theirs ? me : t`${me}’s turn`}</span>
    </p>
  );
}
