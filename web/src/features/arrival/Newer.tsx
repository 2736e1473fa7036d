import { plural, t } from '@lingui/core/macro';
import { App, Button, Checkbox } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Button as BoardButton, NewerView, NewerWord, VocabularyView } from '../../api/types';
import { newerWords } from '../../data/newer';
import { Card } from '../../drawn/Card';
import { useEdits } from '../edit';
import parts from '../../shell/parts.module.css';
import css from './arrival.module.css';

/** What is newer in a vocabulary that words were brought from: word by word, as it is here and as it is there, to be taken over or not. */
export function Newer({ view, from, onDone }: { view: VocabularyView; from: number; onDone: () => void }) {
  const there = useQuery(newerWords(view.id, view.version, from));
  if (there.error) return <p role="alert">{sentence(there.error)}</p>;
  if (!there.data) return <div aria-busy="true" />;
  return <Words key={there.data.version} view={view} newer={there.data} onDone={onDone} />;
}

function Words({ view, newer, onDone }: { view: VocabularyView; newer: NewerView; onDone: () => void }) {
  const { changed, added, gone } = newer;
  // What somebody changed here is not taken over unless it is said.
  const [words, setWords] = useState(changed.filter((w) => w.tooHere.length === 0).map((w) => w.here.id));
  const [fresh, setFresh] = useState(added.map((w) => w.there.id));
  const { make, asking } = useEdits(view.id);
  const { message } = App.useApp();
  const count = words.length + fresh.length;
  async function take(settled: boolean) {
    const taking = { seen: newer.version, words: settled ? [] : words, added: settled ? [] : fresh, settled };
    if (!(await make({ what: 'take newer', base: view.version, from: newer.vocabulary, taking }))) return;
    if (!settled) void message.success(plural(count, { one: '# word is as it is there now.', other: '# words are as they are there now.' }));
    onDone();
  }
  const toggled = (all: string[], one: string) => (all.includes(one) ? all.filter((w) => w !== one) : [...all, one]);
  return (
    <section className={css.comes} aria-label={t`Newer in ${newer.name}`}>
      <div className={css.head}>
        <h2>{t`Newer in ${newer.name}`}</h2>
        <span className={parts.sentenceButtons}>
          <Button onClick={() => void take(true)}>{t`All is right as it is here`}</Button>
          <Button type="primary" disabled={count === 0} onClick={() => void take(false)}>
            {plural(count, { one: 'Take # word over', other: 'Take # words over' })}
          </Button>
        </span>
      </div>
      <p className={parts.quiet}>{t`No word moves: each stays in its cell, and new ones come into free cells.`}</p>
      {changed.length > 0 && (
        <ul className={css.newer} aria-label={t`Other there now`}>
          {changed.map((w) => (
            <li key={w.here.id}>
              <Checkbox checked={words.includes(w.here.id)} onChange={() => setWords(toggled(words, w.here.id))}>
                {t`“${called(w.here)}” on ${w.boardName}`}
              </Checkbox>
              <Both here={w.here} there={w.there} />
              <span className={css.told}>{told(w)}</span>
            </li>
          ))}
        </ul>
      )}
      {added.length > 0 && (
        <>
          <h3>{t`New there`}</h3>
          <ul className={css.newer} aria-label={t`New there`}>
            {added.map((w) => (
              <li key={w.there.id}>
                <Checkbox checked={fresh.includes(w.there.id)} onChange={() => setFresh(toggled(fresh, w.there.id))}>
                  {t`“${called(w.there)}” comes to ${w.boardName}`}
                </Checkbox>
                <span className={css.card}>
                  <Card button={w.there} />
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      {changed.length + added.length === 0 && <p>{t`Nothing is newer there now.`}</p>}
      {gone.length > 0 && (
        <p className={parts.quiet}>
          {t`There no more, and staying here:`} {gone.map((g) => `${g.label} (${g.boardName})`).join(', ')}
        </p>
      )}
      {asking}
    </section>
  );
}

function Both({ here, there }: { here: BoardButton; there: BoardButton }) {
  return (
    <>
      <span className={css.card} role="img" aria-label={t`here: ${called(here)}`}>
        <Card button={here} />
      </span>
      <span aria-hidden>→</span>
      <span className={css.card} role="img" aria-label={t`there: ${called(there)}`}>
        <Card button={there} />
      </span>
    </>
  );
}

const called = (button: BoardButton) => button.label || (button.says.type === 'words' ? button.says.text : '');

function told(word: NewerWord): string {
  const what = word.facets.map((facet) => FACETS[facet]?.() ?? facet).join(', ');
  return word.tooHere.length > 0 ? t`${what}; changed here too` : what;
}

const FACETS: Record<string, () => string> = {
  label: () => t`its label`,
  picture: () => t`its picture`,
  says: () => t`what it says`,
  how: () => t`how it is said`,
  sound: () => t`its sound`,
  doings: () => t`what it does`,
  kind: () => t`its kind of word`,
};
