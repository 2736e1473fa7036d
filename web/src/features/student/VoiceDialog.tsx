import { t } from '@lingui/core/macro';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button as PlainButton, Input, Modal, Radio, Slider } from 'antd';
import { useEffect, useState } from 'react';
import { sentence } from '../../api/client';
import type { Student } from '../../api/types';
import { vocabulary as vocabularyQuery } from '../../data/boards';
import { changeStudent } from '../../data/students';
import { deviceVoices, hush, ownVoices, say } from '../../data/voice';
import type { StudentVoice } from '../../data/waysToSay';
import { languageName } from '../../shell/languages';
import parts from '../../shell/parts.module.css';

const DEVICE = 'device';
const keyOf = (voice?: Pick<StudentVoice, 'where' | 'name'>) => (voice ? `${voice.where} ${voice.name}` : DEVICE);

/** The voices there are for a student: this device’s, and Dwimble’s own; each can be tried, with rate and pitch. */
export function VoiceDialog({ student, vocabulary, onClose }: { student: Student; vocabulary?: number; onClose: () => void }) {
  const view = useQuery({ ...vocabularyQuery(vocabulary ?? 0), enabled: vocabulary !== undefined });
  const language = view.data?.locale ?? document.documentElement.lang;
  const [text, setText] = useState(t`May I come to the harbour with you?`);
  const [chosen, choose] = useState<StudentVoice | undefined>(student.voice);
  const [told, setTold] = useState('');
  const queries = useQueryClient();
  const { data: device = [] } = useQuery({ queryKey: ['voices', 'device', language], queryFn: () => deviceVoices(language) });
  const { data: ours } = useQuery({ queryKey: ['voices', 'ours', language], queryFn: () => ownVoices(language) });
  useEffect(() => hush, []);
  const keeping = useMutation({
    mutationFn: () => changeStudent(student, { ...student, voice: chosen }),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['student', student.id] });
      void queries.invalidateQueries({ queryKey: ['vocabulary'] });
      void queries.invalidateQueries({ queryKey: ['caseload'] });
      onClose();
    },
  });
  const rate = chosen?.rate ?? 100;
  const pitch = chosen?.pitch ?? 50;
  const voices: { voice?: Pick<StudentVoice, 'where' | 'name'>; label: string }[] = [
    { label: device.length > 0 ? t`whatever voice the device has` : t`whatever voice the device has; this one has none for ${languageName(language)}` },
    ...device.map((v) => ({ voice: { where: 'BROWSER' as const, name: v.name }, label: t`${v.name}, of this device` })),
    ...(ours?.speaks ? [{ voice: { where: 'OURS' as const, name: '' }, label: t`Dwimble’s own voice` }] : []),
    ...(ours?.variants ?? []).map((name, i) => ({ voice: { where: 'OURS' as const, name }, label: t`Dwimble’s own voice, another (${i + 1})` })),
  ];
  const asChosen = (voice?: Pick<StudentVoice, 'where' | 'name'>): StudentVoice | undefined => voice && { ...voice, rate, pitch };
  const tryOut = (voice?: StudentVoice) => {
    setTold('');
    void say(text, language, voice).catch((error: unknown) => setTold(sentence(error)));
  };
  return (
    <Modal open title={t`The voice of ${student.name}`} onCancel={onClose} footer={null} width={560}>
      <p>
        <label>
          {t`To try them with`} <Input value={text} onChange={(e) => setText(e.target.value)} maxLength={200} dir="auto" />
        </label>
      </p>
      <Radio.Group
        className={parts.longMenu}
        aria-label={t`Voices`}
        value={keyOf(chosen)}
        onChange={(e) => {
          const voice = asChosen(voices.find((v) => keyOf(v.voice) === e.target.value)?.voice);
          choose(voice);
          tryOut(voice);
        }}
        options={voices.map((v) => ({ value: keyOf(v.voice), label: v.label }))}
        vertical
      />
      {chosen && (
        <>
          <div>
            {t`How fast`}{' '}
            <Slider
              ariaLabelForHandle={t`How fast`}
              min={50}
              max={200}
              step={10}
              value={rate}
              onChange={(to) => choose({ ...chosen, rate: to })}
              onChangeComplete={(to) => tryOut({ ...chosen, rate: to })}
            />
          </div>
          <div>
            {t`How high`}{' '}
            <Slider
              ariaLabelForHandle={t`How high`}
              min={0}
              max={100}
              step={5}
              value={pitch}
              onChange={(to) => choose({ ...chosen, pitch: to })}
              onChangeComplete={(to) => tryOut({ ...chosen, pitch: to })}
            />
          </div>
        </>
      )}
      {ours?.missing && (
        <Alert
          type="info"
          showIcon
          title={t`On the server espeak-ng is missing, so that Dwimble’s own voice reads English alone. Nothing else needs it.`}
          description={t`Whoever looks after Dwimble can install it (on Debian: apt install espeak-ng) and start Dwimble again.`}
        />
      )}
      <p
        className={parts.quiet}
      >{t`A recording on a button comes before any voice. A voice of one device is not on another: there the student talks with what that one has.`}</p>
      {(told || keeping.error) && <Alert type="warning" showIcon title={told || sentence(keeping.error)} />}
      <p className={parts.sentenceButtons}>
        <PlainButton type="primary" loading={keeping.isPending} onClick={() => keeping.mutate()}>{t`Keep`}</PlainButton>
        <PlainButton onClick={() => tryOut(chosen)}>{t`▶ Hear it`}</PlainButton>
      </p>
    </Modal>
  );
}
