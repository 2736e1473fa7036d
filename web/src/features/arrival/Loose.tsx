import { plural, t } from '@lingui/core/macro';
import { Button } from 'antd';
import type { ArrivalLoose, ArrivalWay, VocabularyView } from '../../api/types';
import { DottedChoice } from '../../shell/Dotted';
import { withBoards, withSingle, withWay, type Choice } from './choice';
import parts from '../../shell/parts.module.css';
import css from './arrival.module.css';

interface Around {
  view: VocabularyView;
  choice: Choice;
  onChoose: (choice: Choice) => void;
}

const BRING = ' bring';
const SPEAK = ' speak';

/** Buttons that would open boards which do not come, by the board they would open, with their ways out: for all alike, or for one alone. */
export function Loose({ loose, ...around }: Around & { loose: ArrivalLoose[] }) {
  if (loose.length === 0) return null;
  const missing = [...new Set(loose.map((l) => l.missing))];
  const meant = loose.filter((l) => l.likely);
  return (
    <section aria-label={t`Would lead nowhere`}>
      <h3>{plural(loose.length, { one: '# button would lead nowhere', other: '# buttons would lead nowhere' })}</h3>
      {missing.length > 1 && (
        <p className={parts.sentenceButtons}>
          <Button onClick={() => around.onChoose(withBoards(around.choice, missing))}>{t`Bring the ${missing.length} boards they open too`}</Button>
          {meant.length > 1 && <Button onClick={() => around.onChoose(asMeant(around.choice, meant))}>{t`Let them open the ones here that are meant`}</Button>}
        </p>
      )}
      <ul className={css.loose}>
        {missing.map((m) => (
          <Missing key={m} loose={loose.filter((l) => l.missing === m)} {...around} />
        ))}
      </ul>
    </section>
  );
}

/** Each opens the board here that is likely meant. */
const asMeant = (choice: Choice, loose: ArrivalLoose[]) =>
  loose.reduce((now, l) => (l.likely ? withWay(now, l.missing, [l.button], { type: 'points-to', board: l.likely.board }) : now), choice);

function Missing({ loose, view, choice, onChoose }: Around & { loose: ArrivalLoose[] }) {
  const [{ missing, missingName, missingWords, likely }] = loose;
  const buttons = loose.map((l) => l.button);
  function take(key: string, single?: string) {
    if (key === BRING) return onChoose(withBoards(choice, [missing]));
    const way: ArrivalWay = key === SPEAK ? { type: 'speaks-only' } : { type: 'points-to', board: key };
    return onChoose(single ? withSingle(choice, single, way) : withWay(choice, missing, buttons, way));
  }
  const name = (board: string) => view.boards.find((b) => b.id === board)?.name ?? '';
  const told = (way: ArrivalWay) => (way.type === 'points-to' ? t`opens “${name(way.board)}”` : t`only speaks`);
  const others = view.boards.filter((b) => b.id !== likely?.board).map((b) => ({ key: b.id, label: t`let it open “${b.name}”` }));
  const items = [
    { key: BRING, label: t`bring “${missingName}” too, ${plural(missingWords, { one: '# word', other: '# words' })}` },
    ...(likely ? [{ key: likely.board, label: t`let it open “${likely.name}”: ${why(likely)}` }] : []),
    { key: SPEAK, label: t`let it only speak` },
    ...others,
  ];
  return (
    <li>
      {t`“${missingName}” does not come.`}{' '}
      {loose.map((l) => (
        <span key={l.button} className={css.one}>
          {t`“${l.label}” on ${l.boardName}`}{' '}
          <DottedChoice label={t`What becomes of “${l.label}”`} items={items} onChoose={(key) => take(key, loose.length > 1 ? l.button : undefined)}>
            {told(l.way)}
          </DottedChoice>
        </span>
      ))}
      {loose.length > 1 && (
        <span className={css.one}>
          <DottedChoice label={t`What becomes of all that open “${missingName}”`} items={items} onChoose={(key) => take(key)}>
            {t`the same for all ${loose.length}`}
          </DottedChoice>
        </span>
      )}
      {likely && <small>{t`Perhaps “${likely.name}” is meant: ${why(likely)}.`}</small>}
    </li>
  );
}

function why({ why: reason, shared, of }: NonNullable<ArrivalLoose['likely']>): string {
  if (reason === 'SAME_CONTENT') return t`it has the same buttons`;
  return reason === 'SAME_NAME' ? t`it is called the same` : t`it has ${shared} of its ${of} words`;
}
