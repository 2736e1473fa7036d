import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Checkbox } from 'antd';
import type { Arrival, BoardLine, Bringing, Cell, VocabularyView } from '../../api/types';
import { spoken } from '../../data/cells';
import { DottedChoice, DottedText } from '../../shell/Dotted';
import { Alike } from './Alike';
import type { Choice } from './choice';
import { Loose } from './Loose';
import parts from '../../shell/parts.module.css';
import css from './arrival.module.css';

interface Told {
  view: VocabularyView;
  comes: Arrival;
  choice: Choice;
  bringing: Bringing;
  busy: boolean;
  onChoose: (choice: Choice) => void;
  onOnto: (onto: { board: string; at?: Cell }) => void;
  onBring: () => void;
}

/** What comes, what is here already, what would lead nowhere, what stays behind, and what it does to the words that are here. */
export function Comes({ view, comes, choice, bringing, busy, onChoose, onOnto, onBring }: Told) {
  const coming = comes.boards.filter((b) => b.comes);
  const { does } = comes;
  const carried = choice.carried?.buttons.length ?? 0;
  const along = coming.filter((b) => b.by && !choice.boards.includes(b.board)).length;
  const same = comes.boards.filter((b) => b.meets === 'SAME');
  return (
    <>
      <div className={css.head}>
        <h2>{whatComes(carried, coming.length, comes.words)}</h2>
        <Button type="primary" disabled={busy || Boolean(comes.refusal)} loading={busy} onClick={onBring}>
          {carried > 0 || coming.length === 0 ? t`Put them there` : plural(coming.length, { one: 'Bring # board in', other: 'Bring # boards in' })}
        </Button>
      </div>
      {comes.refusal && <p role="alert">{comes.refusal}</p>}
      {along > 0 && <p>{plural(along, { one: '# of them is opened by those you chose.', other: '# of them are opened by those you chose.' })}</p>}
      {carried === 0 && coming.length > 0 && <Opens view={view} comes={comes} bringing={bringing} choice={choice} onChoose={onChoose} onOnto={onOnto} />}
      {does && (
        <p>
          {does.moved === 0
            ? plural(does.kept, { one: 'The word that is here keeps its place.', other: 'No word moves: all # that are here keep place and way.' })
            : plural(does.moved, { one: '# word here would be reached otherwise.', other: '# words here would be reached otherwise.' })}
        </p>
      )}
      {same.length > 0 && (
        <p>
          <Trans>
            Here already, with the same buttons in the same places, and so not brought twice: <strong>{same.map((b) => b.name).join(', ')}</strong>
          </Trans>
        </p>
      )}
      <Alike vocabulary={view.id} from={bringing.from} boards={comes.boards.filter((b) => b.meets === 'NAMED_ALIKE')} choice={choice} onChoose={onChoose} />
      <Loose view={view} loose={comes.loose} choice={choice} onChoose={onChoose} />
      {comes.looseBefore.length > 0 && (
        <p>
          {t`These led nowhere there already, and come as they are:`} <strong>{comes.looseBefore.map((e) => `${e.label} (${e.boardName})`).join(', ')}</strong>
        </p>
      )}
      {comes.elsewhere.length > 0 && (
        <p>
          {t`These open another vocabulary there, and only speak here:`} <strong>{comes.elsewhere.map((e) => `${e.label} (${e.boardName})`).join(', ')}</strong>
        </p>
      )}
      <Stays stays={comes.stays} choice={choice} onChoose={onChoose} />
      {comes.keptBack.length > 0 && (
        <p>
          {t`Held here or waiting, and so when they come:`} <strong>{comes.keptBack.join(', ')}</strong>
        </p>
      )}
      {comes.otherGrids.length > 0 && (
        <p>
          {t`They keep their own grid:`}{' '}
          {comes.otherGrids.map((g) => `${plural(g.boards, { one: '# board', other: '# boards' })} ${t`of ${g.rows} x ${g.columns}`}`).join(', ')}.
        </p>
      )}
      {(coming.length > 0 || carried > 0) && (
        <p>
          <Checkbox checked={choice.looks} onChange={(e) => onChoose({ ...choice, looks: e.target.checked })}>{t`They keep how they look there`}</Checkbox>
        </p>
      )}
    </>
  );
}

function whatComes(buttons: number, boards: number, words: number): string {
  const alone = plural(buttons, { one: '# button comes', other: '# buttons come' });
  if (boards === 0) return buttons > 0 ? alone : t`No board comes`;
  const them = `${plural(boards, { one: '# board comes', other: '# boards come' })}, ${plural(words, { one: '# word', other: '# words' })}`;
  return buttons > 0 ? `${alone}; ${them}` : them;
}

const free = (b: BoardLine) => b.empty - b.keptFree.length;
const roomOn = (b: BoardLine) => plural(free(b), { 0: 'full', one: '# free cell', other: '# free cells' });

/** So many boards with room are offered where the one meant is full. */
const OFFERED = 4;

/** Where they open: the board, its cell, what is written on the button, and whether they have a board of their own. */
function Opens({ view, comes, bringing, choice, onChoose, onOnto }: Omit<Told, 'busy' | 'onBring'>) {
  const { board, at } = bringing.where;
  const { apart } = comes;
  const name = comes.opener ?? bringing.where.name;
  const meant = view.boards.find((b) => b.id === board);
  const full = meant !== undefined && free(meant) === 0;
  const withRoom = [...view.boards]
    .sort((one, other) => free(other) - free(one))
    .filter((b) => free(b) > 0)
    .slice(0, OFFERED);
  return (
    <>
      <p>
        <Trans>
          They are opened from{' '}
          <DottedChoice
            label={t`The board that opens them`}
            items={view.boards.map((b) => ({
              key: b.id,
              label: `${b.name} · ${roomOn(b)}`,
            }))}
            onChoose={(b) => onOnto({ board: b })}
          >
            {view.boards.find((b) => b.id === board)?.name}
          </DottedChoice>
          ,{' '}
          {at ? (
            <DottedChoice label={t`The cell that opens them`} items={[{ key: 'first', label: t`in its first free cell` }]} onChoose={() => onOnto({ board })}>
              {spoken(at)}
            </DottedChoice>
          ) : (
            t`in its first free cell`
          )}
          , by <DottedText label={t`What is written on the button`} value={name} onKeep={(text) => onChoose({ ...choice, name: text || undefined })} />.
        </Trans>
      </p>
      {!at && full && (
        <p className={parts.sentenceButtons}>
          {t`There is room on:`}
          {withRoom.map((b) => (
            <Button key={b.id} onClick={() => onOnto({ board: b.id })}>{t`${b.name}, ${roomOn(b)}`}</Button>
          ))}
        </p>
      )}
      <p>
        <Checkbox checked={choice.section || apart > 1} disabled={apart > 1} onChange={(e) => onChoose({ ...choice, section: e.target.checked })}>
          {apart > 1
            ? t`on a board of their own, “${name}”, with a button for each of the ${apart} that no other opens`
            : t`on a board of their own, “${name}”`}
        </Checkbox>
      </p>
    </>
  );
}

function Stays({ stays, choice, onChoose }: { stays: Arrival['stays']; choice: Choice; onChoose: (choice: Choice) => void }) {
  const asked = stays.filter((s) => s.why === 'NOT_WANTED').length;
  const never = stays.filter((s) => s.why === 'NOT_TO_USE');
  return (
    <>
      {(asked > 0 || choice.people) && (
        <p>
          <Checkbox checked={choice.people} onChange={(e) => onChoose({ ...choice, people: e.target.checked })}>
            {choice.people
              ? t`Photos of people and voices come too`
              : plural(asked, { one: '# photo of people, or voice, stays: let it come too', other: '# photos of people and voices stay: let them come too' })}
          </Checkbox>
        </p>
      )}
      {never.length > 0 && (
        <p className={parts.quiet}>
          {t`May not be used for this student, and so stays:`}{' '}
          {never.map((s) => (s.voice ? t`the voice of “${s.label}” (${s.boardName})` : t`the photo of “${s.label}” (${s.boardName})`)).join(', ')}
        </p>
      )}
    </>
  );
}
