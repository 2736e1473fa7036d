import { t } from '@lingui/core/macro';
import { DottedChoice, DottedText } from '../../shell/Dotted';
import { DottedLength, DottedNumber } from './Length';
import parts from '../../shell/parts.module.css';

/** One of a few, by their words. */
export function Choice<K extends string>({
  label,
  value,
  words,
  onChoose,
  disabled,
}: {
  label: string;
  value: K;
  words: Record<K, string>;
  onChoose: (key: K) => void;
  disabled?: boolean;
}) {
  return (
    <DottedChoice
      label={label}
      disabled={disabled}
      items={(Object.keys(words) as K[]).map((key) => ({ key, label: words[key] }))}
      onChoose={(key) => key !== value && onChoose(key as K)}
    >
      {words[value]}
    </DottedChoice>
  );
}

type Of<S, T> = { [K in keyof S]: S[K] extends T ? K : never }[keyof S];

/** The controls of a set-up, each for one of its parts. */
export function controls<S extends object>(set: S, mayEdit: boolean, onSet: (set: S) => void) {
  const disabled = !mayEdit;
  const changed = (key: keyof S, value: unknown) => onSet({ ...set, [key]: value });
  return {
    number: (key: Of<S, number>, label: string, least: number, most: number, shown?: string) => (
      <DottedNumber label={label} value={set[key] as number} shown={shown} least={least} most={most} disabled={disabled} onKeep={(n) => changed(key, n)} />
    ),
    length: (key: Of<S, number>, label: string) => (
      <DottedLength label={label} value={set[key] as number} disabled={disabled} onKeep={(length) => changed(key, length)} />
    ),
    text: (key: Of<S, string>, label: string, none: string) => (
      <DottedText
        label={label}
        value={set[key] as string}
        shown={(set[key] as string) ? `“${set[key] as string}”` : none}
        disabled={disabled}
        onKeep={(text) => changed(key, text)}
      />
    ),
    choice: <K extends Of<S, string>>(key: K, label: string, words: Record<S[K] & string, string>) => (
      <Choice label={label} value={set[key] as S[K] & string} words={words} disabled={disabled} onChoose={(value) => changed(key, value)} />
    ),
    /** One of two: a click changes it. */
    yes: (key: Of<S, boolean>, label: string, yes: string, no: string) =>
      disabled ? (
        <strong>{set[key] ? yes : no}</strong>
      ) : (
        <button type="button" className={parts.dotted} title={t`${label}: ${set[key] ? no : yes} instead`} onClick={() => changed(key, !set[key])}>
          {set[key] ? yes : no}
        </button>
      ),
  };
}
