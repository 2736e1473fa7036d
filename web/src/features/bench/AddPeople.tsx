import { t } from '@lingui/core/macro';
import { Alert, Checkbox, Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { VocabularyView } from '../../api/types';
import { takeIn } from '../../data/pictures';
import { folkIn } from '../../data/boards';
import { folkOf, peopleOf, photoOf, type Person } from './people';
import dialogs from './dialogs.module.css';
import parts from '../../shell/parts.module.css';

const ABOUT = { categories: [], shows: 'OTHERS' as const, origin: 'OWN_PHOTO' as const, author: '', licence: '', source: '' };

/** Several people at once, from a list with one a line, with photos whose files are called as they are. */
export function AddPeople({ view, onAdd, onClose }: { view: VocabularyView; onAdd: (people: Person[]) => Promise<boolean>; onClose: () => void }) {
  const [text, setText] = useState('');
  const [files, setFiles] = useState<File[]>([]);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const { data: kinds = [] } = useQuery(folkIn(view.id, view.version));
  const [own, setOwn] = useState<boolean>();
  const people = peopleOf(text).map((p) => {
    const kind = folkOf(kinds, p.general);
    return { ...p, kind, board: kind && (own ?? kind.there) ? kind.kind : undefined };
  });
  const withPhoto = people.filter((p) => photoOf(p.name, files));

  async function add() {
    setBusy(true);
    setProblem('');
    try {
      const ready: Person[] = [];
      for (const { kind: _, ...person } of people) {
        const photo = photoOf(person.name, files);
        ready.push(
          photo
            ? {
                ...person,
                picture: (await takeIn(photo, { ...ABOUT, words: [person.name], audience: view.student ? 'STUDENT' : 'MINE', student: view.student?.id }))
                  .picture.picture,
              }
            : person,
        );
      }
      if (await onAdd(ready)) onClose();
    } catch (error) {
      setProblem(sentence(error));
    }
    setBusy(false);
  }
  return (
    <Modal
      open
      title={t`Add several people`}
      onCancel={onClose}
      okText={people.length > 1 ? t`Add ${people.length} people` : t`Add`}
      cancelText={t`Leave it`}
      onOk={() => void add()}
      confirmLoading={busy}
      okButtonProps={{ disabled: people.length === 0 }}
      width={620}
    >
      <div className={dialogs.person}>
        <label>
          {t`One a line: a name, and who they are`}
          <Input.TextArea
            autoFocus
            rows={7}
            value={text}
            onChange={(e) => setText(e.target.value)}
            placeholder={t`Lot, sister
Miss Wren, teacher
Bram (friend)`}
          />
        </label>
        <label>
          {t`Photos, if you like, each called as the person is: “Lot.jpg”`}
          <input type="file" multiple accept="image/*" aria-label={t`Photos of them`} onChange={(e) => setFiles([...(e.target.files ?? [])])} />
        </label>
        <Checkbox
          checked={own ?? kinds.some((k) => k.there)}
          onChange={(e) => setOwn(e.target.checked)}
        >{t`family, school and class on boards of their own`}</Checkbox>
        {people.length > 0 && (
          <ul className={dialogs.peopleList} aria-label={t`Who is added`}>
            {people.map((p, i) => (
              <li key={i}>
                <strong>{p.name}</strong>
                {p.general && `, ${p.general}`}
                {p.kind && <span className={parts.quiet}> · {p.board ? t`on ${p.kind.boardName}` : t`beside “${p.general}”`}</span>}
                {withPhoto.includes(p) && <span className={parts.quiet}> {t`· with a photo`}</span>}
              </li>
            ))}
          </ul>
        )}
        {files.length > withPhoto.length && (
          <p className={parts.quiet}>{t`${files.length - withPhoto.length} of the photos are called like nobody in the list and are left out.`}</p>
        )}
        {problem && <Alert type="warning" showIcon title={problem} />}
      </div>
    </Modal>
  );
}
