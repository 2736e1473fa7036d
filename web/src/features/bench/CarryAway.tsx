import { plural, t } from '@lingui/core/macro';
import { Checkbox, Modal, Radio } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Along, VocabularyView } from '../../api/types';
import { boardFile, carries } from '../../data/carrying';
import dialogs from './dialogs.module.css';
import parts from '../../shell/parts.module.css';

interface Props {
  view: VocabularyView;
  /** The board that is shown; it alone can be carried away too. */
  boardId: string;
  onAway: (along: Along) => void;
  onClose: () => void;
}

/** What goes along when boards leave the school in a file, and what stays. */
export function CarryAway({ view, boardId, onAway, onClose }: Props) {
  const [alone, setAlone] = useState(false);
  const { data } = useQuery(carries(view.id, view.version, alone ? boardId : undefined));
  const [along, setAlong] = useState<Along>({ student: false, others: false, name: true, notes: false, instead: 'DRAWN' });
  const set = (what: Partial<Along>) => setAlong({ ...along, ...what });
  const whose = view.student?.name ?? t`the student`;
  const line = view.boards.find((b) => b.id === boardId);
  function go() {
    if (alone) window.location.assign(boardFile(view.id, boardId, along));
    else onAway(along);
    onClose();
  }
  return (
    <Modal
      open
      title={t`Carry away`}
      okText={t`Make the file`}
      cancelText={t`Leave it`}
      okButtonProps={{ disabled: !data }}
      onOk={go}
      onCancel={onClose}
      width={560}
    >
      <div className={dialogs.person}>
        <Radio.Group
          aria-label={t`Which boards`}
          value={alone}
          onChange={(e) => setAlone(e.target.value as boolean)}
          options={[
            { value: false, label: t`All boards (.obz)` },
            { value: true, label: t`${line?.name ?? ''} alone (.obf)` },
          ]}
        />
        {data && data.student > 0 && (
          <Checkbox checked={along.student} onChange={(e) => set({ student: e.target.checked })}>
            {plural(data.student, {
              one: `# photo or voice of ${whose} goes along`,
              other: `# photos or voices of ${whose} go along`,
            })}
          </Checkbox>
        )}
        {data && data.others > 0 && (
          <Checkbox checked={along.others} onChange={(e) => set({ others: e.target.checked })}>
            {plural(data.others, {
              one: '# photo or voice that may be somebody else’s goes along',
              other: '# photos or voices that may be somebody else’s go along',
            })}
          </Checkbox>
        )}
        {data && ((data.student > 0 && !along.student) || (data.others > 0 && !along.others)) && (
          <Radio.Group
            aria-label={t`In their places`}
            value={along.instead}
            onChange={(e) => set({ instead: e.target.value as Along['instead'] })}
            options={[
              { value: 'DRAWN', label: t`drawn symbols in their places` },
              { value: 'EMPTY', label: t`empty places with the word` },
            ]}
          />
        )}
        {data && data.staying > 0 && (
          <p className={parts.quiet}>
            {plural(data.staying, {
              one: '# photo of somebody stays at the school: only who changes these boards can say that it goes along.',
              other: '# photos of people stay at the school: only who changes these boards can say that they go along.',
            })}
          </p>
        )}
        {data && (
          <Checkbox checked={along.name} onChange={(e) => set({ name: e.target.checked })}>
            {t`The name “${data.name}” goes along`}
          </Checkbox>
        )}
        {data && data.reasons > 0 && (
          <Checkbox checked={along.notes} onChange={(e) => set({ notes: e.target.checked })}>
            {plural(data.reasons, { one: 'Why # word is held goes along', other: 'Why # words are held goes along' })}
          </Checkbox>
        )}
        <p className={parts.quiet}>{t`Facts, versions with their names, and how the student talked always stay here.`}</p>
      </div>
    </Modal>
  );
}
