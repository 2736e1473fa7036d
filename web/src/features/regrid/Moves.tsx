import { plural, t } from '@lingui/core/macro';
import { useState } from 'react';
import type { RegridBoard, RegridWord } from '../../api/types';
import { spoken } from '../../data/cells';
import parts from '../../shell/parts.module.css';
import css from './regrid.module.css';

const FIRST = 12;

/** The words a finger would not find, those first of which it costs most. */
export function Moves({ shown, counts }: { shown: RegridBoard; counts: boolean }) {
  const [all, setAll] = useState(false);
  const moved = shown.words.filter((w) => !w.found);
  if (moved.length === 0) return <p>{t`Every word still lies under the finger that goes where it was.`}</p>;
  return (
    <>
      <h3>{t`Costliest first`}</h3>
      <p className={parts.quiet}>
        {counts
          ? t`The way it moves in millimetres weighs by how often and how long a word was said, and twice for core words and ways to boards.`
          : t`The way it moves in millimetres weighs twice for core words and ways to boards. What is said is not counted for this student.`}
      </p>
      <ol className={css.moved}>
        {moved.slice(0, all ? undefined : FIRST).map((w) => (
          <li key={w.button}>
            <strong>{w.label || t`a picture`}</strong> <span className={parts.quiet}>{told(w, shown)}</span>
          </li>
        ))}
      </ol>
      {moved.length > FIRST && !all && (
        <button type="button" className={parts.dotted} onClick={() => setAll(true)}>
          {plural(moved.length - FIRST, { one: '# more', other: '# more' })}
        </button>
      )}
    </>
  );
}

function told(word: RegridWord, shown: RegridBoard): string {
  const times = word.times > 0 ? ` · ${plural(word.times, { one: 'said once', other: 'said # times' })}` : '';
  if (word.board !== shown.before.id) {
    const on = shown.linked.find((b) => b.id === word.board)?.name ?? '';
    return t`to ${on}` + times;
  }
  return t`${Math.round(word.mm)} mm, to ${spoken(word.to.cell)}` + times;
}
