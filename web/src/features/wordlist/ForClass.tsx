import { Trans } from '@lingui/react/macro';
import { plural, t } from '@lingui/core/macro';
import { Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Pic } from '../../drawn/art';
import type { WordList } from '../../api/types';
import type { Act } from '../../data/lists';
import { PhotoOf } from './PhotoOf';
import { caseload } from '../../data/students';
import css from './wordlist.module.css';
import parts from '../../shell/parts.module.css';
import { may } from '../../data/may';
import { Glued } from '../../shell/Glued';

const lines = (table: string) => table.split('\n').filter((l) => l.trim());
const named = (table: string) => lines(table).map((l) => l.split(/[\t,;]/)[0].trim());

/** With one more student, whose words are as those of the list; a table that is empty gets its first line. */
function withStudent(table: string, name: string, view: WordList): string {
  const head = table.trim()
    ? []
    : [
        t`name, ${view.words
          .slice(0, 2)
          .map((w) => w.text)
          .join(', ')}`,
      ];
  return [...head, ...lines(table), `${name}, `].join('\n');
}

/** For whom it is printed: once for all, or for each student of a class with what differs, as a table typed or pasted. */
export function ForClass({ view, onAct }: { view: WordList; onAct: (act: Act) => Promise<WordList | undefined> }) {
  const [table, setTable] = useState<string>();
  const rows = useQuery({ ...caseload, enabled: table !== undefined }).data ?? [];
  const [photoOf, setPhotoOf] = useState<string>();
  const pupils = view.pupils.length;
  const said = pupils === 0 ? t`everybody alike` : `${plural(pupils, { one: '# student', other: '# students' })}`;
  if (!may(view, 'CHANGE')) return <>{t`For ${said}.`}</>;
  const [first, second] = view.words;
  return (
    <>
      <Trans>
        For{' '}
        <Glued after=".">
          <button type="button" className={parts.dotted} title={t`For whom it is printed`} onClick={() => setTable(view.classTable)}>
            {said}
          </button>
        </Glued>
      </Trans>
      {table !== undefined && (
        <Modal
          open
          title={t`For whom it is printed`}
          okText={t`Keep`}
          cancelText={t`Leave it`}
          width={620}
          onCancel={() => setTable(undefined)}
          onOk={() => void onAct({ what: 'class', table }).then((done) => done && setTable(undefined))}
        >
          <p>
            <Trans>
              A student a line: the name, then what is printed instead, with tabs or commas between; a first line says instead of which words. An empty place
              leaves the word as it is. A table copied from a spreadsheet can be pasted.
            </Trans>
          </p>
          <p>
            {t`Add`}{' '}
            {rows
              .filter((r) => !named(table).includes(r.student.name))
              .map((r) => (
                <button
                  key={r.student.id}
                  type="button"
                  className={`${parts.dotted} ${css.pupil}`}
                  onClick={() => setTable(withStudent(table, r.student.name, view))}
                >
                  {r.student.name}
                </button>
              ))}
          </p>
          <Input.TextArea
            autoFocus
            rows={9}
            aria-label={t`Students and what differs`}
            value={table}
            onChange={(e) => setTable(e.target.value)}
            placeholder={t`name, ${first?.text ?? t`swim`}, ${second?.text ?? t`read`}
Ilse, dance,
Tomasz, , sing`}
          />
          {pupils > 0 && (
            <p className={css.photos}>
              {t`Photo beside the name`}{' '}
              {view.pupils.map(({ name, photo }) => (
                <button
                  key={name}
                  type="button"
                  className={`${parts.dotted} ${css.pupil}`}
                  aria-label={photo ? t`${name}, with a photo` : t`${name}, no photo yet`}
                  onClick={() => setPhotoOf(name)}
                >
                  {photo && <Pic id={photo} collected />}
                  {name}
                </button>
              ))}
            </p>
          )}
        </Modal>
      )}
      {photoOf !== undefined && (
        <PhotoOf
          name={photoOf}
          photo={view.pupils.find((p) => p.name === photoOf)?.photo ?? undefined}
          student={rows.find((r) => r.student.name === photoOf)?.student}
          onClose={() => setPhotoOf(undefined)}
          onKeep={(photo) => void onAct({ what: 'edit', edit: { type: 'photo-of', name: photoOf, photo } }).then((done) => done && setPhotoOf(undefined))}
        />
      )}
    </>
  );
}
