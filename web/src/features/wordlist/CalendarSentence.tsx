import { plural, t } from '@lingui/core/macro';
import { Plural, Trans } from '@lingui/react/macro';
import { Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import { Choice, controls } from '../sheet';
import { DottedText } from '../../shell/Dotted';
import { calendarLines, holidayCountries } from '../../data/lists';
import type { Named, Of } from './sentenceOf';
import { useFiles } from '../../shell/files';
import parts from '../../shell/parts.module.css';

/** Which days, whose holidays, and what is on them. */
export function CalendarSentence({ support, mayEdit, onSet }: Of<Named<'calendar'>>) {
  const is = controls(support, mayEdit, onSet);
  const { data: countries = [] } = useQuery(holidayCountries);
  const country = countries.find((c) => c.code === support.country);
  const lines = support.days.split('\n').filter((l) => l.trim()).length;
  const [typing, setTyping] = useState<string>();
  const span = is.choice('span', t`What is on a page`, { MONTH: t`a month`, WEEK: t`a week` });
  const day = (
    <DottedText
      label={t`A day of the first page, as 2026-12-01`}
      value={support.day}
      disabled={!mayEdit}
      onKeep={(day) => {
        if (/^\d{4}-\d{2}-\d{2}$/.test(day.trim())) onSet({ ...support, day: day.trim() });
      }}
    />
  );
  const pages = is.number('pages', t`How many pages`, 1, 24);
  const whose = (
    <Choice
      label={t`Whose public holidays`}
      value={support.country}
      disabled={!mayEdit}
      words={
        Object.fromEntries([
          ['', t`no country`],
          [support.country, country?.name ?? (support.country || t`no country`)],
          ...countries.map((c) => [c.code, c.name]),
        ]) as Record<string, string>
      }
      onChoose={(code) => onSet({ ...support, country: code, region: '' })}
    />
  );
  const region = (
    <Choice
      label={t`The region`}
      value={support.region}
      disabled={!mayEdit}
      words={Object.fromEntries([['', t`no region`], ...(country?.regions ?? []).map((r) => [r.code, r.name])]) as Record<string, string>}
      onChoose={(region) => onSet({ ...support, region })}
    />
  );
  const where = country && country.regions.length > 0 && (
    <>
      {' '}
      <Trans>and {region}</Trans>
    </>
  );
  const typed = mayEdit ? (
    <button type="button" className={parts.dotted} title={t`What is on which day`} onClick={() => setTyping(support.days)}>
      {lines === 0 ? t`nothing typed into days` : t`${plural(lines, { one: '# line', other: '# lines' })} typed into days`}
    </button>
  ) : (
    <strong>{plural(lines, { one: '# line typed into days', other: '# lines typed into days' })}</strong>
  );
  return (
    <>
      <Trans>
        A page for {span}, from {day}, {pages} <Plural value={support.pages} one="page" other="pages" />, with public holidays of {whose}
        {where}, {typed},
      </Trans>
      {typing !== undefined && (
        <Modal
          open
          title={t`What is on which day`}
          okText={t`Keep`}
          cancelText={t`Leave it`}
          onCancel={() => setTyping(undefined)}
          onOk={() => {
            onSet({ ...support, days: typing });
            setTyping(undefined);
          }}
        >
          <p>{t`One day a line, what is on it behind a colon; a period without a colon is marked as free.`}</p>
          <Input.TextArea
            autoFocus
            rows={10}
            aria-label={t`Days, one a line`}
            value={typing}
            onChange={(e) => setTyping(e.target.value)}
            placeholder={t`4 December: lighthouse, picnic
21 December - 3 January: winter holidays`}
          />
          <FromFile onLines={(lines) => setTyping((before) => [before, ...lines].filter(Boolean).join('\n'))} />
        </Modal>
      )}
    </>
  );
}

/** School holidays from a calendar file, as lines that can still be changed. */
function FromFile({ onLines }: { onLines: (lines: string[]) => void }) {
  const [told, setTold] = useState('');
  const read = (file: File) =>
    calendarLines(file).then(
      ({ lines, left }) => {
        onLines(lines);
        const added = plural(lines.length, { one: '# line added.', other: '# lines added.' });
        setTold(left > 0 ? t`${added} ${left} could not be: they have no date or are longer than a holiday.` : added);
      },
      (error: unknown) => setTold(sentence(error)),
    );
  const [choose, field] = useFiles(t`A calendar file`, '.ics,text/calendar', ([file]) => void read(file));
  return (
    <p className={parts.quiet}>
      <button type="button" className={parts.dotted} onClick={choose}>{t`Add holidays from a calendar file (.ics)`}</button> <span role="status">{told}</span>
      {field}
    </p>
  );
}
