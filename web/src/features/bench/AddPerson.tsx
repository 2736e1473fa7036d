import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, AutoComplete, Checkbox, Input, Modal } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Folk, VocabularyView } from '../../api/types';
import { Pic } from '../../drawn/art';
import { OwnPhoto, usePhotoInHand, picturesOf } from '../picture';
import { found } from '../../data/pictures';
import { folkIn, placeForPerson } from '../../data/boards';
import { spoken } from '../../data/cells';
import { AddPeople } from './AddPeople';
import { folkOf, type Person } from './people';
import dialogs from './dialogs.module.css';
import parts from '../../shell/parts.module.css';

/** Adds somebody of the student's own beside the general word for such a person, which stays. */
export function AddPerson({ view, onAdd, onClose }: { view: VocabularyView; onAdd: (people: Person[]) => Promise<boolean>; onClose: () => void }) {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [general, setGeneral] = useState('');
  const [picture, setPicture] = useState<string>();
  const photo = usePhotoInHand(view.student);
  const [problem, setProblem] = useState('');
  const [several, setSeveral] = useState(false);
  const { data: kinds = [] } = useQuery(folkIn(view.id, view.version));
  const kind = folkOf(kinds, general);
  const [wanted, setWanted] = useState<boolean>();
  const own = kind && (wanted ?? kind.there) ? kind : undefined;
  const { data } = useQuery(placeForPerson(view.id, view.version, general, own?.kind));
  const faces = useQuery(found({ query: general || 'person', most: 6, student: view.student?.id, language: view.locale }));
  const [place] = data ?? [];
  const whose = view.student ? t`to ${view.student.name}` : t`to the student`;

  async function add() {
    if (!name.trim()) {
      setProblem(photo.file ? t`Type a name or a nickname first. The photo stays here.` : t`Type a name or a nickname first.`);
      return;
    }
    try {
      const taken = await photo.take(name).catch(() => false as const);
      if (taken === false) return;
      if (taken) setPicture(taken);
      if (await onAdd([{ name: name.trim(), general: general.trim(), picture: taken ?? picture, board: own?.kind }])) onClose();
    } catch (error) {
      setProblem(sentence(error));
    }
    void queries.invalidateQueries({ queryKey: ['place for person', view.id] });
  }
  if (several) return <AddPeople view={view} onAdd={onAdd} onClose={onClose} />;
  const onEnter = (e: React.KeyboardEvent) => {
    if (e.key === 'Enter' && !e.defaultPrevented) {
      e.preventDefault();
      void add();
    }
  };

  return (
    <Modal
      open
      title={t`Add a person`}
      onCancel={onClose}
      okText={t`Add`}
      cancelText={t`Leave it`}
      onOk={() => void add()}
      confirmLoading={photo.busy}
      okButtonProps={photo.finish}
      width={620}
    >
      <div
        className={dialogs.person}
        onDragOver={(e) => e.preventDefault()}
        onDrop={(e) => {
          e.preventDefault();
          photo.setFile(picturesOf(e.dataTransfer)[0]);
        }}
        onPaste={(e) => {
          const [pasted] = picturesOf(e.clipboardData);
          if (pasted) {
            e.preventDefault();
            photo.setFile(pasted);
          }
        }}
      >
        <label>
          {t`Name or nickname`} <Input autoFocus value={name} onChange={(e) => setName(e.target.value)} onKeyDown={onEnter} autoComplete="off" />
        </label>
        <label>
          {t`Who they are ${whose}`}
          <AutoComplete
            value={general}
            onChange={(value: string) => setGeneral(value ?? '')}
            options={generalWords(kinds, general.toLowerCase())}
            placeholder={t`sister, teacher, friend …`}
            onInputKeyDown={onEnter}
            aria-label={t`Who they are`}
            defaultActiveFirstOption={false}
          />
        </label>
        <div>
          <p>{t`A face, if you like:`}</p>
          <div className={dialogs.faces}>
            {picture && !faces.data?.pictures.some((p) => p.id === picture) && (
              <button type="button" aria-pressed="true" aria-label={t`the photo`} onClick={() => setPicture(undefined)}>
                <Pic id={picture} collected />
              </button>
            )}
            {faces.data?.pictures.map((p) => (
              <button
                key={p.id}
                type="button"
                aria-label={p.name}
                title={p.name}
                aria-pressed={p.id === picture}
                onClick={() => {
                  photo.setFile(undefined);
                  setPicture(p.id === picture ? undefined : p.id);
                }}
              >
                <Pic id={p.id} collected />
              </button>
            ))}
          </div>
          <OwnPhoto photo={photo} />
        </div>
        {kind && (
          <Checkbox checked={own !== undefined} onChange={(e) => setWanted(e.target.checked)}>
            {t`on a board of their own: ${kind.boardName}`}
          </Checkbox>
        )}
        <p role="status">
          {!place ? (
            data && t`No board for people has an empty cell. Take a button off there, or add a board.`
          ) : own && !own.there ? (
            <>
              <Trans>
                A new board <strong>{own.boardName}</strong> begins with {name.trim() || t`this person`}, opened from {place.name}, {spoken(place.cell)}.
              </Trans>
            </>
          ) : (
            <>
              <Trans>
                {name.trim() || t`This person`} goes on <strong>{place.name}</strong>, {spoken(place.cell)}
              </Trans>
              {place.beside && <>{t`, beside “${place.beside}”, which stays`}</>}.
            </>
          )}
        </p>
        <p>
          <button type="button" className={parts.dotted} onClick={() => setSeveral(true)}>{t`several people from a list`}</button>
        </p>
        {problem && <Alert type="warning" showIcon title={problem} />}
      </div>
    </Modal>
  );
}

/** The general words for people: by kinds of people, or those that begin as typed. */
const generalWords = (kinds: Folk[], typed: string): { value: string; label?: string; options?: { value: string }[] }[] =>
  typed
    ? kinds
        .flatMap((f) => f.words)
        .filter((w) => w.startsWith(typed))
        .map((value) => ({ value }))
    : kinds.map((f) => ({ value: f.kind, label: f.boardName, options: f.words.map((value) => ({ value })) }));
