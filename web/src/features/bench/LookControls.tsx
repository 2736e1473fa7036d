import { t } from '@lingui/core/macro';
import { papers } from '../../drawn/looks';
import { palette } from '../../theme';
import looks from './looks.module.css';

export const nameOf = (colour: string) => papers.find((p) => p.colour === colour)?.name ?? colour;

export function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className={looks.row}>
      <span>{name}</span>
      <div>{children}</div>
    </div>
  );
}

export function Choice<T extends string | number>({
  label,
  value,
  of,
  onChoose,
}: {
  label: string;
  value: T;
  of: [T, string][];
  onChoose: (value: T) => void;
}) {
  return (
    <div role="group" aria-label={label} className={looks.choice}>
      {of.map(([key, words]) => (
        <button key={key} type="button" aria-pressed={key === value} onClick={() => onChoose(key)}>
          {words}
        </button>
      ))}
    </div>
  );
}

export function Swatches({
  label,
  value,
  none,
  colours,
  onChoose,
}: {
  label: string;
  value?: string;
  none: string;
  colours: { name: string; colour: string }[];
  onChoose: (colour?: string) => void;
}) {
  return (
    <div role="group" aria-label={label} className={looks.swatches}>
      <button type="button" className={looks.none} aria-pressed={!value} aria-label={`${label}: ${none}`} title={none} onClick={() => onChoose(undefined)} />
      {colours.map(({ name, colour }) => (
        <button
          key={colour}
          type="button"
          aria-pressed={colour === value}
          aria-label={`${label}: ${name}`}
          title={name}
          style={{ background: colour }}
          onClick={() => onChoose(colour)}
        />
      ))}
    </div>
  );
}

/** Strong colours of our own for edges. */
export const EDGES = Object.entries({
  ink: palette.ink,
  plum: palette.kindWho,
  sea: palette.kept,
  rust: palette.action,
  amber: palette.kindDescribing,
  blue: palette.kindThing,
  moss: palette.kindWhere,
  wine: palette.held,
}).map(([name, colour]) => ({ name, colour: colour.toLowerCase() }));

export const WHITE = { name: t`white`, colour: palette.white.toLowerCase() };
