import { plural, t } from '@lingui/core/macro';
import { Button, Checkbox, Modal, Radio } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Ahead, Growing, GrowingWord, Growth, Scope, VocabularyView } from '../../api/types';
import { growth, type WordAt } from '../../data/growth';
import { ArtOf } from '../../drawn/art';
import { BoardPicture } from '../../drawn/BoardPicture';
import { spoken } from '../../data/cells';
import { GrowPlan, InPlan, useGrowPlan } from './GrowPlan';
import { asWord, keyOf } from './growing';
import parts from '../../shell/parts.module.css';
import css from './grow.module.css';

interface Props {
  view: VocabularyView;
  /** The word; or the board that is looked at, for all words that can grow. */
  word?: WordAt;
  board: string;
  onGrow: (growing: Omit<Growing, 'base'>) => Promise<unknown>;
  onPlan?: (steps: GrowingWord[][], ahead: Ahead) => Promise<unknown>;
  onClose: () => void;
}

/** What a word could grow into, or what could grow next: one press lets it, or several are planned. */
export function GrowDialog({ view, word, board, onGrow, onPlan, onClose }: Props) {
  const [scope, setScope] = useState<Scope>('ALL');
  const { data, error } = useQuery(growth(view.id, view.version, word ?? { board, scope }));
  const [firstSays, setFirstSays] = useState(true);
  const [busy, setBusy] = useState(false);
  const [planning, setPlanning] = useState(false);
  const plan = useGrowPlan(data ?? []);
  async function grow(one: Growth) {
    setBusy(true);
    const grown = await onGrow(asWord(one, firstSays));
    setBusy(false);
    if (grown && word) onClose();
  }
  const planned = planning && onPlan;
  return (
    <Modal open title={word ? t`What this word can grow into` : t`What can grow next`} footer={null} onCancel={onClose} width={760}>
      <p>{t`A word that grows opens a board on which it stands among its kin: one tap becomes two. It keeps its place and its picture, and no word moves.`}</p>
      {!word && (
        <div className={css.which}>
          <Radio.Group
            aria-label={t`Whose words`}
            value={scope}
            onChange={(e) => setScope(e.target.value as Scope)}
            options={[
              { value: 'ALL', label: t`of all boards` },
              { value: 'BOARD', label: t`of this board` },
              { value: 'OPENED', label: t`of this one and all it opens` },
            ]}
          />
          <Radio.Group
            aria-label={t`When they grow`}
            value={planning}
            onChange={(e) => setPlanning(e.target.value as boolean)}
            options={[
              { value: false, label: t`one now` },
              { value: true, label: t`several, over weeks, as a plan` },
            ]}
          />
        </div>
      )}
      {planned ? (
        <GrowPlan view={view} plan={plan} onPlan={async (steps, ahead) => ((await onPlan(steps, ahead)) ? onClose() : undefined)} />
      ) : (
        <p>
          <Checkbox checked={firstSays} onChange={(e) => setFirstSays(e.target.checked)}>{t`the first tap still says it`}</Checkbox>
        </p>
      )}
      {error && <p role="alert">{sentence(error)}</p>}
      {data?.length === 0 && (
        <p role="status">
          {word
            ? t`No board in the starters, here, or on your own shelf has this word among new ones. A bundle of yours that has it would be offered here.`
            : t`No word here finds new kin in the starters, here, or on your own shelf. Keep boards as a bundle: their words are offered here.`}
        </p>
      )}
      <ArtOf art={view.art} vocabulary={view.id}>
        <ul className={css.proposals} aria-busy={!data && !error}>
          {data?.map((one) => (
            <li key={keyOf(one)}>
              <div className={css.kin}>
                <BoardPicture board={one.kin} label={t`${one.kin.name}, as it would be opened`} marked={same(one)} />
              </div>
              <div>
                <strong>{named(one)}</strong>
                <p>
                  {plural(one.adds.length, { one: '# more word', other: '# more words' })}: {some(one.adds)}
                </p>
                <p className={parts.quiet}>{costs(one)}</p>
                {planned ? (
                  <InPlan one={one} plan={plan} />
                ) : (
                  <Button type="primary" disabled={busy} onClick={() => void grow(one)} aria-label={t`Let “${one.word.label}” grow into ${one.kin.name}`}>
                    {t`Let it grow`}
                  </Button>
                )}
              </div>
            </li>
          ))}
        </ul>
      </ArtOf>
    </Modal>
  );
}

/** The button of the board at which the word will stand. */
const same = ({ kin, at }: Growth) => kin.buttons.filter((b) => b.cell.row === at.row && b.cell.column === at.column).map((b) => b.id);

function named({ word, boardName, kin, fromName }: Growth): string {
  return fromName
    ? t`“${word.label}” on ${boardName} opens ${kin.name}, of ${fromName}`
    : t`“${word.label}” on ${boardName} opens ${kin.name}, which waits here`;
}

const SHOWN = 12;
const some = (words: string[]) => words.slice(0, SHOWN).join(', ') + (words.length > SHOWN ? ', …' : '');

function costs({ at, taps, furtherMm, times }: Growth): string {
  const said = times > 0 ? `${plural(times, { one: 'Said once as far as it is counted.', other: 'Said # times as far as it is counted.' })} ` : '';
  const where = said + t`It will stand there in ${spoken(at)}.`;
  if (taps === 0) return where;
  const far = plural(taps + 1, { one: '# tap', other: '# taps' });
  return `${where} ${t`By way of that board it takes ${far} to say, and ${Math.round(furtherMm)} mm more of travel.`}`;
}
