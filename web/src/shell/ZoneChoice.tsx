import { Select } from 'antd';
import { useState } from 'react';
import parts from './parts.module.css';

const all = Intl.supportedValuesOf('timeZone');
/** As people read it: the city first. */
const called = (zone: string) => zone.split('/').reverse().join(', ').replaceAll('_', ' ');

/** A time zone as a dotted word of a sentence, with all there are to choose from. */
export function ZoneChoice({
  label,
  zone,
  first = [],
  onChoose,
  shown,
}: {
  label: string;
  zone: string;
  /** Offered before all zones, by their key. */
  first?: { value: string; label: string }[];
  onChoose: (zone: string) => void;
  shown?: string;
}) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <button type="button" className={parts.dotted} title={label} aria-haspopup="listbox" onClick={() => setOpen(true)}>
        {shown ?? called(zone)}
      </button>
    );
  return (
    <Select<string>
      aria-label={label}
      autoFocus
      defaultOpen
      showSearch={{ optionFilterProp: 'label' }}
      style={{ minWidth: 220 }}
      options={[...first, ...all.map((value) => ({ value, label: called(value) }))]}
      onSelect={(value) => {
        setOpen(false);
        onChoose(value);
      }}
      onBlur={() => setOpen(false)}
      onInputKeyDown={(e) => {
        if (e.key === 'Escape') setOpen(false);
      }}
    />
  );
}
