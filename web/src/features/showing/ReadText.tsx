import { wordsIn } from '../../data/wordAt';
import css from './showing.module.css';

/** A text whose spoken word is lit. */
export function ReadText({ text, lit }: { text: string; lit?: number }) {
  return (
    <span dir="auto">
      {wordsIn(text).map((word, i) => (
        <span key={i}>
          {i > 0 && ' '}
          <span className={i === lit ? css.lit : undefined}>{word}</span>
        </span>
      ))}
    </span>
  );
}
