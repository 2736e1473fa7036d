import { plural, t } from '@lingui/core/macro';
import { Button as PlainButton, Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { ArtOf, Pic } from '../../drawn/art';
import { dayAndTime } from '../../shell/time';
import { BeginExample } from './BeginExample';
import { BeginWith } from './BeginWith';
import { lists, useBegin } from '../../data/lists';
import { sought } from './seek';
import css from './wordlist.module.css';
import parts from '../../shell/parts.module.css';

/** Every list one may see: one’s own, those of one’s students, those on the shelf. */
export default function Lists() {
  const { data } = useQuery(lists());
  const begin = useBegin();
  const [from, setFrom] = useState<'boards' | 'example'>();
  const [text, setText] = useState('');
  const [seek, setSeek] = useState('');

  if (!data) return null;
  const shown = data.filter((l) => sought(l, seek));
  return (
    <main className={parts.page} data-ready>
      <header className={parts.pageHead}>
        <h1>{t`Print`}</h1>
        <span className={parts.quiet}>{t`One list of words, many supports.`}</span>
        <span className={parts.grow} />
        <Input
          className={css.seek}
          placeholder={t`Find a list`}
          aria-label={t`Find a list`}
          allowClear
          value={seek}
          onChange={(e) => setSeek(e.target.value)}
        />
      </header>
      <form
        className={css.begin}
        onSubmit={(e) => {
          e.preventDefault();
          void begin({ text, name: nameOf(text) });
        }}
      >
        <Input.TextArea
          aria-label={t`Words of a new list`}
          placeholder={t`Type or paste words for a new list: ferry, bag, seal, crab …`}
          autoSize={{ minRows: 1, maxRows: 5 }}
          value={text}
          onChange={(e) => setText(e.target.value)}
          onPressEnter={(e) => {
            if (!e.shiftKey) {
              e.preventDefault();
              void begin({ text, name: nameOf(text) });
            }
          }}
        />
        <PlainButton type="primary" htmlType="submit">{t`Begin a list`}</PlainButton>
        <PlainButton onClick={() => setFrom('boards')}>{t`Begin with boards…`}</PlainButton>
        <PlainButton onClick={() => setFrom('example')}>{t`Begin with an example…`}</PlainButton>
      </form>
      {from === 'boards' && <BeginWith onClose={() => setFrom(undefined)} onBegin={begin} />}
      {from === 'example' && <BeginExample onClose={() => setFrom(undefined)} onBegin={begin} />}
      <ArtOf art="colour.yellow.usual">
        <ul className={css.lines} aria-label={t`Lists`}>
          {shown.map((l) => (
            <li key={l.id}>
              <Link to={`/lists/${l.id}`} className={css.pics} tabIndex={-1} aria-hidden>
                {l.pictures.slice(0, 5).map((p) => (
                  <Pic key={p} id={p} collected />
                ))}
              </Link>
              <div>
                <h2>
                  <Link to={`/lists/${l.id}`}>{l.name}</Link>
                </h2>
                <p className={parts.quiet}>
                  {plural(l.words, { one: '# word', other: '# words' })}
                  {l.studentName && t` for ${l.studentName}`}
                  {l.shared && t` · on the shelf, from ${l.ownerName}`}
                </p>
              </div>
              <p className={parts.quiet}>
                {l.by}, {dayAndTime(l.changedAt)}
              </p>
              <PlainButton onClick={() => void begin({ from: l.id, name: t`${l.name}, again`.slice(0, 80) })}>{t`Begin with these words`}</PlainButton>
            </li>
          ))}
        </ul>
      </ArtOf>
      {shown.length === 0 && (
        <p className={parts.quiet}>{data.length === 0 ? t`No lists yet. Type the first words above.` : t`No list answers to “${seek}”.`}</p>
      )}
    </main>
  );
}

/** A list is called after its first words until somebody calls it something else. */
export const nameOf = (text: string) =>
  text
    .split(/[\n,;\t]+/)
    .map((w) => w.trim())
    .filter(Boolean)
    .slice(0, 3)
    .join(', ')
    .slice(0, 80) || t`A new list`;
