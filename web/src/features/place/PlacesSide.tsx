import { t } from '@lingui/core/macro';
import { Button as PlainButton, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import type { Board, Comparison, VocabularyView, WordFate } from '../../api/types';
import { origin, versions } from '../../data/boards';
import { caseload } from '../../data/students';
import { Pic } from '../../drawn/art';
import { dayAndTime } from '../../shell/time';
import { TAGS, wasAt } from '../../data/places';
import { Route } from '../../drawn/Route';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';
import css from './place.module.css';

/** What a vocabulary is compared with: a version of it, or of another vocabulary. */
export interface With {
  then?: number;
  of?: number;
}

interface ChooseProps {
  view: VocabularyView;
  compared: With;
  onCompare: (other: With) => void;
  flipped: boolean;
  onFlip: () => void;
  mayFlip: boolean;
}

/** Under the board in the places lens: with what it is compared, and a look at how it was. */
export function ComparedBar({ view, compared, onCompare, flipped, onFlip, mayFlip }: ChooseProps) {
  const { data: all = [] } = useQuery(versions(view.id, view.version));
  const { data: origins = [] } = useQuery(origin(view.id, view.version));
  const rows = useQuery(caseload).data ?? [];
  const earlier = all.filter((v) => v.number < view.version);
  const from = origins[0];
  const option = (v: (typeof all)[number]) => ({ value: t`then ${v.number}`, label: `${v.name ?? t`version ${v.number}`}, ${dayAndTime(v.madeAt)}` });
  const options = [
    { label: t`named versions`, options: earlier.filter((v) => v.name).map(option) },
    {
      label: t`what it is a copy of`,
      options: from?.vocabulary != null ? [{ value: t`of ${from.vocabulary}`, label: t`${from.name}, as it is now` }] : [],
    },
    { label: t`versions`, options: earlier.filter((v) => !v.name).map(option) },
    {
      label: t`other students`,
      options: rows
        .filter((r) => r.vocabulary && r.vocabulary.id !== view.id)
        .map((r) => ({ value: t`of ${r.vocabulary!.id}`, label: `${r.student.name}: ${r.vocabulary!.name}` })),
    },
  ].filter((group) => group.options.length > 0);
  const value = compared.of ? t`of ${compared.of}` : compared.then ? t`then ${compared.then}` : undefined;
  return (
    <section className={css.compared} aria-label={t`Compared with`}>
      <span>{t`Compared with`}</span>
      <Select
        aria-label={t`Compared with`}
        value={value}
        placeholder={t`choose a version`}
        options={options}
        style={{ minWidth: 280 }}
        showSearch
        optionFilterProp="label"
        onChange={(chosen: string) => {
          const [what, n] = chosen.split(' ');
          onCompare({ [what]: Number(n) });
        }}
      />
      {mayFlip && (
        <PlainButton aria-pressed={flipped} onClick={onFlip}>
          {flipped ? t`See it now` : t`See it as it was`} <kbd>|</kbd>
        </PlainButton>
      )}
    </section>
  );
}

interface SideProps {
  board: Board;
  compared?: Comparison;
  other: With;
  mayEdit: boolean;
  onShow: (board: string, cell: { row: number; column: number }) => void;
  onPutBack: (what: { board?: string; button?: string }) => void;
}

const LISTED = 40;
const TOLD: WordFate['fate'][] = ['MOVED', 'REROUTED', 'REPLACED', 'GONE', 'NEW', 'HELD', 'SHOWN'];

/** What became of the words: how many kept their place, what moved, and how it is put back. */
export function PlacesSide({ board, compared, other, mayEdit, onShow, onPutBack }: SideProps) {
  if (!compared)
    return (
      <section className={bench.buttonSentence} aria-label={t`Places`}>
        <h2>{t`Places`}</h2>
        <p>{t`Choose below the board what to compare with.`}</p>
      </section>
    );
  const share = compared.of === 0 ? 1 : compared.kept / compared.of;
  const back = mayEdit && other.of === undefined && other.then !== undefined;
  const moved = compared.words.filter((w) => w.fate === 'MOVED');
  const here = moved.filter((w) => w.was?.board === board.id || w.is?.board === board.id);
  const words = [...compared.words].sort(
    (a, b) => TOLD.indexOf(a.fate) - TOLD.indexOf(b.fate) || Number(b.is?.board === board.id) - Number(a.is?.board === board.id),
  );
  return (
    <section className={bench.buttonSentence} aria-label={t`Places`}>
      <h2>{t`${compared.kept} of ${compared.of} words kept their place`}</h2>
      <div className={css.bar} role="img" aria-label={t`${Math.round(100 * share)} percent kept`}>
        <span style={{ width: `${100 * share}%` }} />
      </div>
      <p className={parts.quiet}>{t`Of what is said, that is ${percent(compared.saidKept)}: words weighed by how often people say them.`}</p>
      {compared.words.length === 0 && <p>{t`Every word stands where it stood, and is reached as before.`}</p>}
      {back && moved.length > 0 && (
        <p className={parts.sentenceButtons}>
          {here.length > 0 && here.length < moved.length && (
            <PlainButton onClick={() => onPutBack({ board: board.id })}>{t`Put back the ${here.length} of this board`}</PlainButton>
          )}
          <PlainButton type="primary" onClick={() => onPutBack({})}>
            {moved.length === 1 ? t`Put it back` : t`Put all ${moved.length} back`}
          </PlainButton>
        </p>
      )}
      <ul className={css.words} aria-label={t`What became of the words`}>
        {words.slice(0, LISTED).map((w) => (
          <li key={`${w.fate} ${w.button}`}>
            {w.picture && <Pic id={w.picture} />}
            <div>
              <p>
                <button type="button" className={parts.dotted} disabled={!w.is} onClick={() => w.is && onShow(w.is.board, w.is.cell)}>
                  <bdi>{w.text || t`a picture`}</bdi>
                </button>{' '}
                {sentenceOf(w)}{' '}
                {back && w.fate === 'MOVED' && (
                  <button
                    type="button"
                    className={parts.dotted}
                    aria-label={t`put ${w.text} back`}
                    onClick={() => onPutBack({ button: w.button })}
                  >{t`put back`}</button>
                )}
              </p>
              {w.fate === 'REROUTED' && w.was && w.is && (
                <p>
                  <Route spot={w.was} /> {t`then,`} <Route spot={w.is} /> {t`now`}
                </p>
              )}
            </div>
          </li>
        ))}
      </ul>
      {words.length > LISTED && <p className={parts.quiet}>{t`and ${words.length - LISTED} more.`}</p>}
    </section>
  );
}

const percent = (share: number) => t`${Math.floor(1000 * share) / 10} percent`;

function sentenceOf(w: WordFate): string {
  const known = w.byText ? t` (known by what it says)` : '';
  switch (w.fate) {
    case 'MOVED':
      return `${wasAt(w)}${known}`;
    case 'REROUTED':
      return t`stands where it stood, and is reached another way${known}`;
    case 'REPLACED':
      return t`is gone; “${w.inPlace!}” stands in its place on ${w.was!.name}`;
    case 'GONE':
      return t`is gone from ${w.was!.name}`;
    case 'NEW':
      return t`is new on ${w.is!.name}`;
    default:
      return t`kept its place and is ${TAGS[w.fate]}${known}`;
  }
}
