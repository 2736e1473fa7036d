import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { App, Button, Modal } from 'antd';
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, client, sentence } from '../../api/client';
import { placeSchool } from '../../data/ownDays';
import { payWith, printOn, session } from '../../data/session';
import { ZoneChoice } from '../../shell/ZoneChoice';
import { DottedChoice } from '../../shell/Dotted';
import { dayAndTime } from '../../shell/time';
import parts from '../../shell/parts.module.css';
import { Glued } from '../../shell/Glued';
import { asWritten, number } from '../../words/words';
import { answered } from '../../shell/answered';

/** What whoever looks after Dwimble should know. */
export const care = queryOptions({
  queryKey: ['care'],
  queryFn: () => answer(client.GET('/api/care')),
  staleTime: 60_000,
});

const size = (bytes: number) => (bytes < 1e9 ? t`${Math.ceil(bytes / 1e6)} MB` : t`${number(bytes / 1e9, 1)} GB`);

const currency = (code: string) => new Intl.DisplayNames([asWritten()], { type: 'currency' }).of(code) ?? code;

/** Backups and room, for whoever looks after Dwimble. */
export function Care({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const { data } = useQuery(care);
  const making = useMutation({
    mutationFn: () => answer(client.POST('/api/care/backups')),
    onSuccess: (now) => answered(queries, care.queryKey, now),
    onError: (error) => void message.error(sentence(error), 6),
  });
  const school = useQuery(session).data;
  const paper = school?.paper;
  const chosen = {
    onSuccess: (now: Awaited<ReturnType<typeof payWith>>) => {
      answered(queries, session.queryKey, now);
      // What a search finds follows the money.
      void queries.invalidateQueries({ queryKey: ['pictures'] });
    },
    onError: (error: Error) => void message.error(sentence(error), 6),
  };
  const choosing = useMutation({ mutationFn: printOn, ...chosen });
  const paying = useMutation({ mutationFn: payWith, ...chosen });
  const placing = useMutation({
    mutationFn: placeSchool,
    onSuccess: (now) => {
      answered(queries, care.queryKey, now);
      void queries.invalidateQueries({ queryKey: ['day words'] });
    },
    onError: (error) => void message.error(sentence(error), 6),
  });
  const kept = data && plural(data.backups, { one: '# is kept in', other: '# are kept in' });
  return (
    <Modal open title={t`Looking after Dwimble`} onCancel={onClose} footer={<Button onClick={onClose}>{t`Close`}</Button>}>
      {data && (
        <>
          {data.worries.map((worry) => (
            <p key={worry} className={parts.note}>
              {worry}
            </p>
          ))}
          <p>
            {data.lastBackup ? (
              <>
                <Trans>
                  The last good backup was made <strong>{dayAndTime(data.lastBackup)}</strong>; {kept} <code>{data.folder}</code>.
                </Trans>
              </>
            ) : (
              <>{t`There is no backup yet; one is made every night while Dwimble runs.`}</>
            )}{' '}
            {t`Take copies to another machine too.`}
          </p>
          <p>
            {plural(data.numbers.accounts, { one: '# person can sign in', other: '# people can sign in' })};{' '}
            {[
              plural(data.numbers.students, { one: '# student', other: '# students' }),
              plural(data.numbers.vocabularies, { one: '# vocabulary', other: '# vocabularies' }),
              plural(data.numbers.lists, { one: '# word list', other: '# word lists' }),
              plural(data.numbers.pictures, { one: '# picture of your own', other: '# pictures of your own' }),
            ].join(', ')}
            . {t`What is in them only their teams see.`}
          </p>
          <p>{t`The data take ${size(data.size)}; ${size(data.free)} are free on their disk.`}</p>
          <p>
            <Trans>
              The school prints on{' '}
              <Glued after=".">
                <DottedChoice
                  label={t`What the school prints on`}
                  items={[
                    { key: 'A4', label: t`A4, with lengths in millimetres` },
                    { key: 'LETTER', label: t`Letter, with lengths in inches` },
                  ]}
                  onChoose={(paper) => choosing.mutate(paper as 'A4' | 'LETTER')}
                >
                  {paper === 'LETTER' ? t`Letter, with lengths in inches` : t`A4, with lengths in millimetres`}
                </DottedChoice>
              </Glued>
            </Trans>{' '}
            {school && (
              <Trans>
                Its coins and notes are{' '}
                <Glued after=".">
                  <DottedChoice
                    label={t`Which coins and notes are drawn`}
                    items={data.monies.map((code) => ({ key: code, label: currency(code) }))}
                    onChoose={(code) => paying.mutate(code)}
                  >
                    {currency(school.money)}
                  </DottedChoice>
                </Glued>
              </Trans>
            )}
          </p>
          <p>
            <Trans>
              Its clocks are those of{' '}
              <Glued after=",">
                <ZoneChoice label={t`Where the clocks are right`} zone={data.zone} onChoose={(zone) => placing.mutate({ zone })} />
              </Glued>{' '}
              and it lies in the{' '}
              <Glued after=".">
                <DottedChoice
                  label={t`Whose seasons it has`}
                  items={[
                    { key: 'NORTHERN', label: t`northern half of the earth` },
                    { key: 'SOUTHERN', label: t`southern half of the earth` },
                  ]}
                  onChoose={(half) => placing.mutate({ zone: data.zone, half: half as typeof data.half })}
                >
                  {data.half === 'SOUTHERN' ? t`southern half of the earth` : t`northern half of the earth`}
                </DottedChoice>
              </Glued>
            </Trans>
          </p>
          <p className={parts.quiet}>{t`To bring a backup back: stop Dwimble, then ./dwimble restore FILE. What is there is set aside, not lost.`}</p>
          <Button loading={making.isPending} onClick={() => making.mutate()}>{t`Make a backup now`}</Button>
        </>
      )}
    </Modal>
  );
}

/** A worry of whoever looks after Dwimble, where it is seen. */
export function Worries() {
  const { data } = useQuery(care);
  return data?.worries.map((worry) => (
    <p key={worry} className={parts.note} role="status">
      {worry}
    </p>
  ));
}
