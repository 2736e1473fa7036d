import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useEffect, useEffectEvent, useState } from 'react';
import type { Reach, Scanning, Switch } from '../../api/types';
import { DottedChoice } from '../../shell/Dotted';
import { ENTER, SPACE, USUAL_SCANNING } from './settings';
import { asSwitch, padButtons } from './useSwitches';
import { seconds, switchName } from './words';
import parts from '../../shell/parts.module.css';
import css from './settings.module.css';

const STEPS = [300, 500, 700, 900, 1000, 1200, 1400, 1500, 1800, 2000, 2500, 3000, 4000, 5000, 7000, 10_000, 20_000];
const FIRST = [0, 300, 500, 600, 1000, 1500, 2000, 3000, 5000];
const CHATTER = [0, 100, 150, 200, 250, 300, 500, 800, 1000, 2000, 3000];
const keyOf = (one: Switch) => `${one.sort} ${one.of}`;
const times = (all: number[]) => all.map((ms) => ({ key: String(ms), label: seconds(ms) }));

interface Props {
  name: string;
  scanning?: Scanning;
  mayEdit: boolean;
  onChange: (to?: Scanning) => void;
  /** What a word takes on average; none where it is not known. */
  average?: Reach['average'];
  words: number;
  onBlocks: () => void;
}

/** Scanning by switches, as sentences each dotted word of which can be changed. */
export function Switches({ name, scanning, mayEdit, onChange, average, words, onBlocks }: Props) {
  if (!scanning)
    return (
      <p>
        {t`${name} does not use switches.`}{' '}
        {mayEdit && <button type="button" className={parts.dotted} onClick={() => onChange(USUAL_SCANNING)}>{t`scan with a switch`}</button>}{' '}
        <span className={parts.quiet}>{t`What there is lights up in turn, and a switch takes what is lit.`}</span>
      </p>
    );
  return <Sentences name={name} scanning={scanning} mayEdit={mayEdit} onChange={onChange} average={average} words={words} onBlocks={onBlocks} />;
}

function Sentences({ name, scanning, mayEdit, onChange, average, words, onBlocks }: Props & { scanning: Scanning }) {
  const { way, stepMs, firstMs, loops, cue, taking, stepping, chatterMs } = scanning;
  const set = (to: Partial<Scanning>) => onChange({ ...scanning, ...to });
  const ways = { CELLS: t`cell by cell`, ROWS: t`row by row, then cell by cell`, BLOCKS: t`block by block, then cell by cell` };
  const two = stepping && !keyIs(stepping, taking) ? stepping : ENTER;
  return (
    <>
      <p>
        <Trans>
          It lights up{' '}
          <DottedChoice
            label={t`What lights up`}
            disabled={!mayEdit}
            items={Object.entries(ways).map(([key, label]) => ({ key, label }))}
            onChoose={(key) => set({ way: key as Scanning['way'] })}
          >
            {ways[way]}
          </DottedChoice>
          .
        </Trans>{' '}
        {way === 'BLOCKS' && mayEdit && <button type="button" className={parts.dotted} onClick={onBlocks}>{t`make the blocks`}</button>}{' '}
        <span className={parts.quiet}>{t`Home, say, clear and the words of the message come after the board, then the way out.`}</span>
      </p>
      <p>
        <Trans>
          It goes on{' '}
          <DottedChoice
            label={t`What makes it go on`}
            disabled={!mayEdit}
            items={[
              { key: 'time', label: t`by itself` },
              { key: 'hand', label: t`with a second switch` },
            ]}
            onChoose={(key) => set({ stepping: key === 'hand' ? (keyIs(ENTER, taking) ? SPACE : two) : undefined })}
          >
            {stepping ? t`with a second switch` : t`by itself`}
          </DottedChoice>
        </Trans>
        {stepping ? (
          <>
            : <SwitchChoice label={t`The switch that goes on`} value={stepping} mayEdit={mayEdit} onChoose={(to) => set({ stepping: to })} />.
          </>
        ) : (
          <>
            {' '}
            <Trans>
              after{' '}
              <DottedChoice label={t`How long each is lit`} disabled={!mayEdit} items={times(STEPS)} onChoose={(key) => set({ stepMs: Number(key) })}>
                {seconds(stepMs)}
              </DottedChoice>
              ; the first is lit{' '}
              <DottedChoice
                label={t`How much longer the first is lit`}
                disabled={!mayEdit}
                items={times(FIRST)}
                onChoose={(key) => set({ firstMs: Number(key) })}
              >
                {seconds(firstMs)}
              </DottedChoice>{' '}
              longer.
            </Trans>{' '}
            <span className={parts.quiet}>{t`As long as looking, deciding and pressing take; the first comes after a press, and needs more.`}</span>
          </>
        )}
      </p>
      {!stepping && (
        <p>
          <Trans>
            After{' '}
            <DottedChoice
              label={t`How many rounds`}
              disabled={!mayEdit}
              items={Array.from({ length: 10 }, (_, i) => ({ key: String(i + 1), label: plural(i + 1, { one: '# round', other: '# rounds' }) }))}
              onChoose={(key) => set({ loops: Number(key) })}
            >
              {plural(loops, { one: '# round', other: '# rounds' })}
            </DottedChoice>{' '}
            without a press it comes out of a row or block, or rests.
          </Trans>{' '}
          <span className={parts.quiet}>{t`So that nobody is caught in the wrong row, and nothing blinks at who has stopped talking.`}</span>
        </p>
      )}
      <p>
        {t`What is lit is taken with`}{' '}
        <SwitchChoice label={t`The switch that takes what is lit`} value={taking} mayEdit={mayEdit} onChoose={(to) => set({ taking: to })} />;{' '}
        <Trans>
          another press within{' '}
          <DottedChoice
            label={t`How long another press is let pass`}
            disabled={!mayEdit}
            items={times(CHATTER)}
            onChoose={(key) => set({ chatterMs: Number(key) })}
          >
            {chatterMs === 0 ? t`no time` : seconds(chatterMs)}
          </DottedChoice>{' '}
          is let pass.
        </Trans>{' '}
        <span className={parts.quiet}>{t`For switches that chatter, and for hands that press twice.`}</span>
      </p>
      <p>
        <Trans>
          Before it can be taken, each is{' '}
          <DottedChoice
            label={t`Whether each is named`}
            disabled={!mayEdit}
            items={[
              { key: 'yes', label: t`named quietly` },
              { key: 'no', label: t`lit alone` },
            ]}
            onChoose={(key) => set({ cue: key === 'yes' })}
          >
            {cue ? t`named quietly` : t`lit alone`}
          </DottedChoice>
          .
        </Trans>{' '}
        <span className={parts.quiet}>{t`For who listens rather than looks; a row is named by its first word.`}</span>
      </p>
      {average && <Average average={average} words={words} />}
      {mayEdit && (
        <p>
          <button type="button" className={parts.dotted} onClick={() => onChange()}>{t`${name} does not use switches`}</button>
        </p>
      )}
    </>
  );
}

const keyIs = (one: Switch, other: Switch) => keyOf(one) === keyOf(other);

/** What a word costs on average, and how that is found. */
function Average({ average, words }: { average: NonNullable<Reach['average']>; words: number }) {
  const { presses, ms } = average;
  return (
    <p className={css.average}>
      <strong>
        {ms === undefined || ms === null
          ? plural(presses, { one: 'A word takes # press on average.', other: 'A word takes # presses on average.' })
          : t`A word takes ${seconds(Math.round(ms / 100) * 100)} on average, with ${plural(presses, { one: '# press', other: '# presses' })}.`}
      </strong>{' '}
      <span className={parts.quiet}>
        {ms === undefined || ms === null
          ? t`The mean over the ${words} words that are shown, from the home board: at each level its place, and one to take it.`
          : t`The mean over the ${words} words that are shown, from the home board: at each level, what stands before it, and half of its own time.`}{' '}
        {ms !== undefined && ms !== null && t`After Damper (1984); presses that are missed are not in it.`}
      </span>
    </p>
  );
}

function SwitchChoice({ label, value, mayEdit, onChoose }: { label: string; value: Switch; mayEdit: boolean; onChoose: (to: Switch) => void }) {
  const [listening, setListening] = useState(false);
  const usual: Switch[] = [SPACE, ENTER, { sort: 'ANY_KEY', of: '' }, { sort: 'TOUCH', of: '' }];
  if (listening)
    return (
      <Listening
        onHeard={(heard) => {
          setListening(false);
          if (heard) onChoose(heard);
        }}
      />
    );
  return (
    <DottedChoice
      label={label}
      disabled={!mayEdit}
      items={[...usual.map((one) => ({ key: keyOf(one), label: switchName(one) })), { key: 'listen', label: t`press the switch now` }]}
      onChoose={(key) => (key === 'listen' ? setListening(true) : onChoose(usual.find((one) => keyOf(one) === key)!))}
    >
      {switchName(value)}
    </DottedChoice>
  );
}

/** Waits for the switch itself. Escape, or a click, leaves it as it was. */
function Listening({ onHeard }: { onHeard: (heard?: Switch) => void }) {
  const heard = useEffectEvent(onHeard);
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      e.preventDefault();
      e.stopImmediatePropagation();
      heard(asSwitch(e));
    };
    const before = padButtons();
    let frame = 0;
    const look = () => {
      const [pressed] = [...padButtons()].filter((b) => !before.has(b));
      if (pressed) heard({ sort: 'PAD_BUTTON', of: pressed });
      else frame = requestAnimationFrame(look);
    };
    frame = requestAnimationFrame(look);
    const click = () => heard();
    window.addEventListener('keydown', keys, true);
    window.addEventListener('pointerdown', click, true);
    return () => {
      cancelAnimationFrame(frame);
      window.removeEventListener('keydown', keys, true);
      window.removeEventListener('pointerdown', click, true);
    };
  }, []);
  return <strong role="status">{t`press the switch now, or Escape`}</strong>;
}
