import { Alert, App, Button, Checkbox, Radio } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { sentence } from '../../api/client';
import type { OwnAbout } from '../../api/types';
import { Camera } from './Camera';
import { takeIn } from './pictures';
import { accepted } from './TakeIn';
import { useFiles } from '../../shell/files';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** A photo or a drawing of one's own for a word: from a file, dropped, pasted or from the camera. It asks who may use it. */
export function OwnPhoto({ word, student, file, onFile, onTaken }: {
  word: string; student?: { id: string; name: string }; file?: File; onFile: (file?: File) => void; onTaken: (picture: string) => void;
}) {
  const [choose, field] = useFiles('A picture file', accepted, ([chosen]) => onFile(chosen));
  const [camera, setCamera] = useState(false);
  return (
    <section className={css.ownPhoto} aria-label="A picture of your own">
      {field}
      {file ? <About key={`${file.name} ${file.size}`} word={word} student={student} file={file} onLeave={() => onFile(undefined)} onTaken={onTaken} /> : (
        <p>
          Your own: <button type="button" className={parts.dotted} onClick={choose}>a file</button>{', '}
          <button type="button" className={parts.dotted} onClick={() => setCamera(true)}>the camera</button>, or drop or paste one here.
        </p>
      )}
      {camera && <Camera onClose={() => setCamera(false)} onPhoto={(photo) => { setCamera(false); onFile(photo); }} />}
    </section>
  );
}

function About({ word, student, file, onLeave, onTaken }: { word: string; student?: { id: string; name: string }; file: File; onLeave: () => void; onTaken: (picture: string) => void }) {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const [audience, setAudience] = useState<OwnAbout['audience']>(student ? 'STUDENT' : 'MINE');
  const [person, setPerson] = useState(true);
  const [address, setAddress] = useState('');
  const [unseen, setUnseen] = useState(false);
  useEffect(() => {
    const made = URL.createObjectURL(file);
    setAddress(made);
    return () => URL.revokeObjectURL(made);
  }, [file]);
  const taking = useMutation({
    mutationFn: () => takeIn(file, { words: word.trim() ? [word.trim()] : undefined, categories: [], audience, student: audience === 'STUDENT' ? student?.id : undefined, person, origin: 'OWN_PHOTO', author: '', licence: '', source: '' }),
    onSuccess: ({ picture, leftOut }) => {
      if (leftOut) void message.info(leftOut, 6);
      void queries.invalidateQueries({ queryKey: ['pictures'] });
      void queries.invalidateQueries({ queryKey: ['own-pictures'] });
      onTaken(picture.picture);
    },
  });
  return (
    <div className={css.takeOne}>
      {address && !unseen ? <img src={address} alt={file.name} onError={() => setUnseen(true)} /> : <small>{file.name}</small>}
      <div>
        <Radio.Group aria-label="Who may use it" value={audience} onChange={(e) => setAudience(e.target.value as OwnAbout['audience'])}
          options={[...(student ? [{ value: 'STUDENT', label: `only for ${student.name}` }] : []), { value: 'MINE', label: 'my students' }, { value: 'SCHOOL', label: 'the whole school' }]} />
        <Checkbox checked={person} onChange={(e) => setPerson(e.target.checked)}>It shows a person: then it stays at the school</Checkbox>
        {taking.isError && <Alert type="warning" showIcon title={sentence(taking.error)} />}
        <p className={parts.sentenceButtons}>
          <Button type="primary" autoFocus loading={taking.isPending} onClick={() => taking.mutate()}>Put it on the button</Button>
          <Button onClick={onLeave}>Leave it</Button>
        </p>
      </div>
    </div>
  );
}
