import { useQuery } from '@tanstack/react-query';
import { DottedText } from '../../shell/Dotted';
import { session } from '../../data/session';
import { typed, unitOn, withUnit, type Unit } from './units';

/** The school's, whatever a browser is set to. */
export const useUnit = (): Unit => unitOn(useQuery(session).data?.paper);

/** A length in a sentence: shown in the school’s unit, typed in any. What is no length changes nothing. */
export function DottedLength({ label, value, onKeep, disabled }: { label: string; value: number; onKeep: (micrometres: number) => void; disabled?: boolean }) {
  const unit = useUnit();
  return (
    <DottedText
      label={label}
      value={withUnit(value, unit)}
      disabled={disabled}
      onKeep={(text) => {
        const length = typed(text, unit);
        if (length !== undefined && length !== value) onKeep(length);
      }}
    />
  );
}

/** A whole number in a sentence. */
export function DottedNumber({
  label,
  value,
  shown,
  least,
  most,
  onKeep,
  disabled,
}: {
  label: string;
  value: number;
  shown?: string;
  least: number;
  most: number;
  onKeep: (number: number) => void;
  disabled?: boolean;
}) {
  return (
    <DottedText
      label={label}
      value={String(value)}
      shown={shown}
      disabled={disabled}
      onKeep={(text) => {
        const number = Number(text);
        if (Number.isInteger(number) && number >= least && number <= most && number !== value) onKeep(number);
      }}
    />
  );
}
