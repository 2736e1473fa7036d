import { plural, t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { HeldWord, Intention, VocabularyView } from '../../api/types';
import { Pic } from '../../drawn/art';
import { dayOf } from '../../shell/time';
import { heldWords, MEANT } from '../../data/plan';
import css from './reveal.module.css';
import parts from '../../shell/parts.module.css';

interface Props {
  view: VocabularyView;
  mayEdit: boolean;
  onEdit: (edit: Intention) => Promise<unknown>;
  onShow: (board: string, cell: { row: number; column: number }) => void;
}

const HELD_LISTED = 6;

/** Every held word with its reason; the first few, and all at a click. */
export function HeldList({ view, mayEdit, onEdit, onShow }: Props) {
  const [all, setAll] = useState(false);
  const { data = [] } = useQuery(heldWords(view.id, view.version));
  if (data.length === 0) return null;
  const reasons = new Map<string, typeof data>();
  for (const word of data) {
    const key = [word.left ? t`left in ${word.left}` : (word.reason ?? ''), word.until, word.by, word.since].join('|');
    reasons.set(key, [...(reasons.get(key) ?? []), word]);
  }
  const groups = [...reasons.values()];
  return (
    <>
      <h3>{t`Held back: ${plural(data.length, { one: '# word', other: '# words' })}`}</h3>
      <ul className={css.held} aria-label={t`Held words`}>
        {groups.slice(0, all ? undefined : HELD_LISTED).map((group) => {
          const [first] = group;
          return (
            <li key={first.button}>
              {first.picture && <Pic id={first.picture} collected />}
              <div>
                {group.slice(0, 8).map((w, i) => (
                  <span key={w.button}>
                    {i > 0 && ', '}
                    <button type="button" className={parts.dotted} onClick={() => onShow(w.board, w.cell)}>
                      {w.label || t`a picture`}
                    </button>
                  </span>
                ))}
                {group.length > 8 && t` and ${group.length - 8} more`}
                <p className={first.past ? css.past : parts.quiet}>
                  {aboutHeld(first)}
                  {mayEdit && !first.left && (
                    <>
                      {' '}
                      <button
                        type="button"
                        className={parts.dotted}
                        onClick={() => void onEdit({ type: 'let-go', words: { ...MEANT, buttons: group.map((w) => w.button) } })}
                      >{t`let go`}</button>
                    </>
                  )}
                </p>
              </div>
            </li>
          );
        })}
      </ul>
      {groups.length > HELD_LISTED && !all && <button type="button" className={parts.dotted} onClick={() => setAll(true)}>{t`all of them`}</button>}
    </>
  );
}

/** "“asks all day”, Odile, 3 March 2026, until 1 December 2026". */
export function aboutHeld(held: Pick<HeldWord, 'reason' | 'fact' | 'by' | 'since' | 'until' | 'past' | 'left'>): string {
  return [
    held.left ? t`left in ${held.left}` : held.reason ? (held.fact ? t`a fact: ${held.reason}` : `“${held.reason}”`) : t`no reason given`,
    held.by,
    held.since && dayOf(held.since),
    held.until && (held.past ? t`was to end on ${dayOf(held.until)}` : t`until ${dayOf(held.until)}`),
  ]
    .filter(Boolean)
    .join(', ');
}
