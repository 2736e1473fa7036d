import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { useState } from 'react';
import type { Button, DayWord, HowSaid, VocabularyView } from '../../api/types';
import { sounds } from '../../data/recordings';
import { effects, effectsFor } from '../../data/effects';
import { DottedChoice, DottedText } from '../../shell/Dotted';
import { howPhrase, manners, says, whens } from './buttonWords';
import { dayWordsFor } from './days';
import { isPhonetic, PHONETIC_SIGNS, putSign } from '../../data/phonetic';
import { useSoundsByKeys } from './soundsByKeys';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

const DAY = 'day/';

type Offered = { value?: string; label: string; options?: { value: string; label: string }[] };

/** What a button says: its label, what is typed, or nothing. */
export function SaysChooser({
  button,
  view,
  disabled,
  onOpening,
  onChoose,
  onRecord,
  onSound,
}: {
  button: Button;
  view: VocabularyView;
  disabled: boolean;
  onOpening: (open: boolean) => void;
  onChoose: (says: Button['says']) => void;
  /** A recording is to be made of what it says. */
  onRecord: () => void;
  /** It is to be heard as this sound; by the voice again, if it is none. */
  onSound: (sound?: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const { data: known = [] } = useQuery({ ...effects, enabled: open });
  const { data: here = [] } = useQuery({ ...sounds(view.id, view.version), enabled: open });
  const { playSound } = useSoundsByKeys(view);
  if (disabled) return <strong>{says(button)}</strong>;
  function set(on: boolean) {
    setTyped('');
    setOpen(on);
    onOpening(on);
  }
  if (!open)
    return (
      <button type="button" className={parts.dotted} title={t`Change what it says`} aria-haspopup="listbox" onClick={() => set(true)}>
        {says(button)}
      </button>
    );
  const text = typed.trim();
  const days = dayWordsFor(text).map(({ day, name }) => ({ value: DAY + day, label: name }));
  const named = effectsFor(known, text).map((e) => ({ value: e.id, label: `♪ ${e.name}` }));
  const own = here
    .filter((s) => s.id !== button.sound && s.name.toLowerCase().includes(text.toLowerCase()))
    .map((s) => ({ value: s.id, label: s.by ? t`“${s.name}” by ${s.by}` : t`“${s.name}”, as it sounds here` }));
  const fixed = [
    { value: 'label', label: t`its own label` },
    // What was recorded today would be wrong tomorrow.
    ...(button.says.type === 'of-day' ? [] : [{ value: 'record', label: button.sound ? t`another recording…` : t`a recording…` }]),
    ...(button.sound ? [{ value: 'voice', label: t`it by the voice again` }] : []),
    { value: 'nothing', label: t`nothing` },
  ];
  return (
    <Select<string | null, Offered>
      className={bench.chooseBoard}
      aria-label={t`What it says`}
      placeholder={button.says.type === 'words' ? button.says.text : t`type other words`}
      autoFocus
      defaultOpen
      showSearch
      filterOption={false}
      searchValue={typed}
      onSearch={setTyped}
      value={null}
      options={
        text
          ? [{ value: 'words', label: t`“${text}”` }, ...own.slice(0, 4), ...named.slice(0, 8), ...days]
          : [
              ...fixed,
              ...(own.length > 0 ? [{ label: t`a recording there is`, options: own }] : []),
              { label: t`what day it is`, options: days },
              { label: t`a sound`, options: named },
            ]
      }
      listHeight={320}
      onActive={playSound}
      notFoundContent={null}
      onSelect={(value) => {
        set(false);
        if (value === 'words') onChoose({ type: 'words', text });
        else if (value === 'record') onRecord();
        else if (value === 'voice') onSound();
        else if (value?.startsWith(DAY)) onChoose({ type: 'of-day', day: value.slice(DAY.length) as DayWord });
        else if (value?.includes('/')) onSound(value);
        else if (value) onChoose({ type: value as 'label' | 'nothing' });
      }}
      onBlur={() => {
        set(false);
        if (text) onChoose({ type: 'words', text });
      }}
      onInputKeyDown={(e) => {
        if (e.key === 'Escape') set(false);
      }}
    />
  );
}

/** How it says it: in which manner, when, and what a voice is given for it. */
export function HowChooser({
  button,
  disabled,
  onEditing,
  onGive,
}: {
  button: Button;
  disabled: boolean;
  /** While it is typed, what counts is what was shown when that began. */
  onEditing: (on: boolean) => void;
  onGive: (how: HowSaid) => void;
}) {
  const [spelling, setSpelling] = useState(false);
  function spell(on: boolean) {
    setSpelling(on);
    onEditing(on);
  }
  const how: HowSaid = button.how ?? { manner: 'PLAINLY', when: 'BOTH' };
  if (button.says.type === 'nothing' && !button.sound) return null;
  if (spelling)
    return (
      <>
        {t`spoken as`}{' '}
        <DottedText
          label={t`How it is spoken`}
          value={how.as ?? ''}
          editing
          onEditing={spell}
          signs={{
            of: PHONETIC_SIGNS,
            label: t`Signs for sounds`,
            hint: (text) =>
              text.includes('/') && !isPhonetic(text)
                ? t`Read as it is written: sounds are in these signs and small letters, with a stroke before and behind.`
                : t`Sounds go between strokes: /\u2060ˈwɪmbəl/. Only Dwimble’s own voice reads them.`,
            put: putSign,
          }}
          onKeep={(as) => onGive({ ...how, as: as.trim() || undefined })}
        />
      </>
    );
  const marked = (on: boolean, label: string) => (on ? `✓ ${label}` : label);
  return (
    <DottedChoice
      label={t`Change how it says it`}
      disabled={disabled}
      items={[
        {
          type: 'group',
          label: t`in which manner`,
          children: manners().map(([manner, label]) => ({ key: manner, label: marked(how.manner === manner, label) })),
        },
        { type: 'group', label: t`when it is heard`, children: whens().map(([when, label]) => ({ key: when, label: marked(how.when === when, label) })) },
        { type: 'divider' },
        { key: 'as', label: how.as ? t`spoken as “${how.as}”…` : t`spoken otherwise than written…` },
      ]}
      onChoose={(key) => {
        if (key === 'as') return spell(true);
        const manner = manners().find(([m]) => m === key)?.[0];
        const when = whens().find(([w]) => w === key)?.[0];
        onGive({ ...how, ...(manner && { manner }), ...(when && { when }) });
      }}
    >
      {howPhrase(how)}
    </DottedChoice>
  );
}
