import { Trans } from '@lingui/react/macro';
import { t } from '@lingui/core/macro';
import type { Showing, WordList } from '../../api/types';
import { papers } from '../../drawn/looks';
import { DottedChoice, DottedText } from '../../shell/Dotted';
import { ALL_AS, asNamed, type As } from './as';

const SIZES = [35, 50, 75, 100];
const WHITE = 'white';

interface Props {
  view: WordList;
  as: As;
  mayEdit: boolean;
  onSet: (showing: Showing) => void;
}

/** How it is shown, as a sentence each dotted word of which can be changed. */
export function ShowingSentence({ view, as, mayEdit, onSet }: Props) {
  const { showing } = view;
  const whose = view.student?.name;
  const choose = (now: As | undefined) => onSet({ ...showing, as: now });
  const how = { DAY: AsDay, WALK: AsWalk, BOOK: AsBook }[as];
  const How = how;
  return (
    <>
      <Trans>
        It is{' '}
        <DottedChoice
          label={t`What it is shown as`}
          disabled={!mayEdit}
          items={ALL_AS.map((key) => ({ key, label: asNamed(key) }))}
          onChoose={(key) => choose(key as As)}
        >
          {asNamed(as)}
        </DottedChoice>
      </Trans>
      {whose && (
        <>
          {' '}
          <DottedChoice
            label={t`Whether it stands on the row`}
            disabled={!mayEdit}
            items={[
              { key: 'on', label: t`on ${whose}’s row` },
              { key: 'off', label: t`not on ${whose}’s row` },
            ]}
            onChoose={(key) => choose(key === 'on' ? as : undefined)}
          >
            {showing.as ? t`on ${whose}’s row` : t`not on ${whose}’s row`}
          </DottedChoice>
        </>
      )}
      . <How view={view} as={as} mayEdit={mayEdit} onSet={onSet} />
    </>
  );
}

function AsDay({ view: { showing }, mayEdit, onSet }: Props) {
  const { day } = showing;
  const clock = { hand: t`when somebody touches what is over`, clock: t`by the clock` };
  const over = { grey: t`is grey`, gone: t`is gone` };
  return (
    <Trans>
      It goes on{' '}
      <DottedChoice
        label={t`How the day goes on`}
        disabled={!mayEdit}
        items={Object.entries(clock).map(([key, label]) => ({ key, label }))}
        onChoose={(key) => onSet({ ...showing, day: { ...day, clock: key === 'clock' } })}
      >
        {day.clock ? clock.clock : clock.hand}
      </DottedChoice>
      . What is over{' '}
      <DottedChoice
        label={t`What is over`}
        disabled={!mayEdit}
        items={Object.entries(over).map(([key, label]) => ({ key, label }))}
        onChoose={(key) => onSet({ ...showing, day: { ...day, gone: key === 'gone' } })}
      >
        {day.gone ? over.gone : over.grey}
      </DottedChoice>
      .
    </Trans>
  );
}

function AsWalk({ view: { showing }, mayEdit, onSet }: Props) {
  const comes = { touch: t`when it is touched`, itself: t`by itself, once one is said` };
  return (
    <Trans>
      The next comes{' '}
      <DottedChoice
        label={t`How the next comes`}
        disabled={!mayEdit}
        items={Object.entries(comes).map(([key, label]) => ({ key, label }))}
        onChoose={(key) => onSet({ ...showing, walk: { itself: key === 'itself' } })}
      >
        {showing.walk.itself ? comes.itself : comes.touch}
      </DottedChoice>
      .
    </Trans>
  );
}

function AsBook({ view: { showing }, mayEdit, onSet }: Props) {
  const { book } = showing;
  const set = (changed: Partial<Showing['book']>) => onSet({ ...showing, book: { ...book, ...changed } });
  const faces = { BOARDS: t`the letters of the boards`, PLAIN: t`plain letters` };
  const sizes = [t`small`, t`middle`, t`large`, t`very large`];
  const size = SIZES.findLastIndex((s) => s <= book.size);
  const paper = papers.find((p) => p.colour === book.paper)?.name ?? book.paper ?? t`white`;
  const remarks = book.remarks.map((r) => r.text).join(', ');
  return (
    <Trans>
      Its text is set in{' '}
      <DottedChoice
        label={t`Its letters`}
        disabled={!mayEdit}
        items={Object.entries(faces).map(([key, label]) => ({ key, label }))}
        onChoose={(key) => set({ face: key as keyof typeof faces })}
      >
        {faces[book.face]}
      </DottedChoice>
      ,{' '}
      <DottedChoice
        label={t`How large`}
        disabled={!mayEdit}
        items={sizes.map((label, i) => ({ key: String(SIZES[i]), label }))}
        onChoose={(key) => set({ size: Number(key) })}
      >
        {sizes[Math.max(0, size)]}
      </DottedChoice>
      , on{' '}
      <DottedChoice
        label={t`Its paper`}
        disabled={!mayEdit}
        items={[{ key: WHITE, label: t`white` }, ...papers.map((p) => ({ key: p.colour, label: p.name }))]}
        onChoose={(key) => set({ paper: key === WHITE ? undefined : key })}
      >
        {paper}
      </DottedChoice>{' '}
      paper. Remarks for reading together:{' '}
      <DottedText
        label={t`Remarks, with commas between`}
        value={remarks}
        shown={remarks || t`none`}
        disabled={!mayEdit}
        onKeep={(text) =>
          set({
            remarks: text
              .split(',')
              .map((r) => r.trim())
              .filter(Boolean)
              .map((r) => book.remarks.find((known) => known.text === r) ?? { text: r }),
          })
        }
      />
      .
    </Trans>
  );
}
