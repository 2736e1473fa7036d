import { t } from '@lingui/core/macro';
import { Button as PlainButton, Dropdown, type MenuProps } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Along, VocabularyView } from '../../api/types';
import { boardFile, carries, carryAway } from '../../data/carrying';
import { CarryAway } from './CarryAway';
import { may } from '../../data/may';
import { useWork } from '../job';

/** What is said without being asked: photos of people stay, the name goes along. */
const USUAL: Along = { student: false, others: false, name: true, notes: false, instead: 'DRAWN' };

export type Chosen = 'history' | 'keep' | 'copy' | 'copy board' | 'bundle' | 'list' | 'chain' | 'look' | 'make home' | 'credits' | 'shortcuts' | 'delete';
type Away = 'obz' | 'obf' | 'carry';

/** What is done more seldom with a board and its vocabulary. */
export function BenchMenu({
  view,
  boardId,
  mayEdit,
  onChoose,
}: {
  view: VocabularyView;
  boardId: string;
  mayEdit: boolean;
  onChoose: (chosen: Chosen) => void;
}) {
  const [start, working] = useWork(t`Save the package`, { atOnce: true });
  const [open, setOpen] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const takes = may(view, 'TAKE');
  const asked = useQuery({ ...carries(view.id, view.version), enabled: open && takes });
  const people = (asked.data ? asked.data.student + asked.data.others + asked.data.staying : 0) > 0;
  const home = boardId === view.home;
  const item = (key: Chosen | Away, label: string, there = true) => (there ? [{ key, label }] : []);
  const items: MenuProps['items'] = [
    ...item('obz', people ? t`Carry away all boards, without photos of people (.obz)` : t`Carry away all boards (.obz)`, takes),
    ...item('obf', people ? t`Carry away this board, without photos of people (.obf)` : t`Carry away this board (.obf)`, takes),
    ...item('carry', t`Carry away, choosing what goes along…`, takes),
    ...item('history', t`What happened`),
    ...item('keep', t`Keep a dated copy`, mayEdit && !!view.student),
    ...item('copy', t`Copy for another student, or with a note…`, mayEdit && !!view.student),
    ...item('copy board', t`Copy this board`, mayEdit),
    ...item('bundle', t`Keep as a bundle, to bring in elsewhere…`, takes),
    ...item('list', t`Make a word list of this board`, takes),
    ...item('chain', t`Make a chain of boards…`, mayEdit),
    ...item('look', t`How boards look`, mayEdit),
    ...item('make home', t`Make this the home board`, mayEdit && !home),
    ...item('credits', t`Whose the pictures are`),
    ...item('shortcuts', t`Keys of the bench`),
    ...item('delete', t`Delete this board…`, mayEdit && !home),
  ];
  return (
    <>
      <Dropdown
        trigger={['click']}
        open={open}
        onOpenChange={setOpen}
        menu={{
          items,
          onClick: ({ key }) => {
            if (key === 'obz') start(() => carryAway(view.id, USUAL));
            else if (key === 'obf') window.location.assign(boardFile(view.id, boardId, USUAL));
            else if (key === 'carry') setChoosing(true);
            else onChoose(key as Chosen);
          },
        }}
      >
        <PlainButton aria-label={t`More to do with these boards`}>⋯</PlainButton>
      </Dropdown>
      {working}
      {choosing && <CarryAway view={view} boardId={boardId} onAway={(along) => start(() => carryAway(view.id, along))} onClose={() => setChoosing(false)} />}
    </>
  );
}
