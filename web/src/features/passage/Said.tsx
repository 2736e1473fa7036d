import { plural, t } from '@lingui/core/macro';
import type { PassageLine, VocabularyView } from '../../api/types';
import { Card } from '../../drawn/Card';
import { LooksOfBoard } from '../../drawn/looks';
import parts from '../../shell/parts.module.css';
import css from './passage.module.css';

interface Props {
  view: VocabularyView;
  said: PassageLine[];
  names: PassageLine[];
  numbers: PassageLine[];
}

/** The words that can be said now, each with its button, its taps and the forms it is written in; then names and numbers. */
export function Said({ view, lines, names, numbers }: Omit<Props, 'said'> & { lines: PassageLine[] }) {
  return (
    <LooksOfBoard.Provider value={{ whole: { look: view.look, papers: view.papers } }}>
      {lines.length > 0 && (
        <>
          <h3>{plural(lines.length, { one: '# word can be said now', other: '# words can be said now' })}</h3>
          <Words lines={lines} />
        </>
      )}
      {names.length > 0 && (
        <>
          <h3>{plural(names.length, { one: '# name', other: '# names' })}</h3>
          <Words lines={names} />
        </>
      )}
      {numbers.length > 0 && (
        <>
          <h3>{plural(numbers.length, { one: '# number', other: '# numbers' })}</h3>
          <Words lines={numbers} />
        </>
      )}
    </LooksOfBoard.Provider>
  );
}

function Words({ lines }: { lines: PassageLine[] }) {
  return (
    <ul className={css.said}>
      {lines.map((l) => (
        <li key={l.word}>
          {l.places.map((p) => (
            <span key={p.button.id} className={css.card} aria-hidden="true">
              <Card button={p.button} />
            </span>
          ))}
          <span>
            <strong>{l.word}</strong> {asWritten(l)}
            <small className={parts.quiet}>{where(l)}</small>
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Where the text has other forms of it. */
function asWritten({ word, written }: PassageLine): string {
  const others = [...new Set(written.map((w) => w.toLowerCase()))].filter((w) => w !== word.toLowerCase());
  return others.length > 0 ? `(${others.join(', ')})` : '';
}

function where({ places, taps, can, why }: PassageLine): string {
  if (places.length === 0) return t`on no board`;
  if (can !== 'SAID') return why ?? '';
  return plural(taps, { one: '# tap', other: '# taps' });
}
