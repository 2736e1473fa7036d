import { plural, t } from '@lingui/core/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Popconfirm } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { sentence } from '../../api/client';
import type { Use } from '../../api/types';
import { deleteUse, useOf } from '../../data/use';
import { dayAndTime, longDay } from '../../shell/time';
import parts from '../../shell/parts.module.css';
import css from './use.module.css';

const MESSAGES = 6;

/** The words said most and never, of a student’s vocabulary, and how to delete what is kept. */
export function WhatIsSaid({ student, name, vocabulary, mayEdit }: { student: string; name: string; vocabulary: number; mayEdit: boolean }) {
  const { data } = useQuery(useOf(vocabulary));
  const queries = useQueryClient();
  const [told, setTold] = useState('');
  async function remove() {
    try {
      await deleteUse(student);
      setTold(t`It is deleted.`);
    } catch (error) {
      setTold(sentence(error));
    }
    await queries.invalidateQueries({ queryKey: ['use'] });
  }
  if (!data) return null;
  const { kept, since, most, never, neverSaid, messages } = data;
  if (!since && messages.length === 0)
    return (
      <p className={parts.quiet}>
        {kept && kept !== 'NOTHING' ? t`Nothing was said yet since it is kept.` : t`Nothing is kept of what ${name} says.`}{' '}
        {mayEdit && <Link className={parts.dotted} to={`/students/${student}/talking`}>{t`what is kept`}</Link>} {told}
      </p>
    );
  return (
    <>
      <p>
        {since && t`Since ${longDay(since)}`}{' '}
        <Link className={parts.dotted} to={`/vocabularies/${vocabulary}?lens=${encodeURIComponent(t`Use`)}`}>{t`on the boards`}</Link>
      </p>
      <ol className={css.most} aria-label={t`Said most`}>
        {most.map((word) => (
          <li key={word.label}>
            <strong dir="auto">{word.label}</strong> <span className={css.bar} style={{ inlineSize: `${(100 * word.times) / most[0].times}px` }} /> {word.times}
          </li>
        ))}
      </ol>
      {never > 0 && (
        <p>
          <strong>{plural(never, { one: '# shown word was never said:', other: '# shown words were never said:' })}</strong>{' '}
          <span dir="auto">{namesOf(neverSaid)}</span>
          {never > neverSaid.length && ' …'}
        </p>
      )}
      {messages.length > 0 && <Messages messages={messages} />}
      {mayEdit && (
        <Popconfirm
          title={t`Delete all that is kept of what ${name} said? It cannot be had back.`}
          okText={t`Delete it`}
          cancelText={t`Leave it`}
          onConfirm={() => void remove()}
        >
          <button type="button" className={parts.dotted}>{t`delete what is kept`}</button>
        </Popconfirm>
      )}{' '}
      <span role="status">{told}</span>
    </>
  );
}

const namesOf = (words: Use['neverSaid']) => words.map((word) => word.label).join(', ');

function Messages({ messages }: { messages: Use['messages'] }) {
  return (
    <ul className={css.messages} aria-label={t`Messages`}>
      {messages.slice(0, MESSAGES).map((message) => (
        <li key={message.at + message.text}>
          <span dir="auto">{message.text}</span> <span className={parts.quiet}>{dayAndTime(message.at)}</span>
        </li>
      ))}
    </ul>
  );
}
