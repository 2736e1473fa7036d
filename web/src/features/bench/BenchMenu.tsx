import { t } from '@lingui/core/macro';
import { Button as PlainButton, Dropdown, type MenuProps } from 'antd';
import { answer, client } from '../../api/client';
import type { VocabularyView } from '../../api/types';
import { may } from '../../data/may';
import { useWork } from '../job';

const carryAway = (vocabulary: number) => answer(client.POST('/api/vocabularies/{vocabulary}/carrying-away', { params: { path: { vocabulary } } }));

export type Chosen = 'history' | 'keep' | 'copy' | 'copy board' | 'list' | 'chain' | 'look' | 'make home' | 'credits' | 'shortcuts' | 'delete';

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
  const [start, working] = useWork(t`Save the package`);
  const away = `/api/vocabularies/${view.id}`;
  const home = boardId === view.home;
  const item = (key: Chosen, label: string, there = true) => (there ? [{ key, label }] : []);
  const items: MenuProps['items'] = [
    ...(may(view, 'TAKE')
      ? [
          { key: 'obz', label: t`Carry away all boards (.obz)` },
          {
            key: 'obf',
            label: <a href={`${away}/boards/${encodeURIComponent(boardId)}/board.obf`} download>{t`Carry away this board (.obf)`}</a>,
          },
        ]
      : []),
    ...item('history', t`What happened`),
    ...item('keep', t`Keep a dated copy`, mayEdit && !!view.student),
    ...item('copy', t`Copy for another student, or with a note…`, mayEdit && !!view.student),
    ...item('copy board', t`Copy this board`, mayEdit),
    ...item('list', t`Make a word list of this board`),
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
        menu={{
          items,
          onClick: ({ key }) => {
            if (key === 'obz') start(() => carryAway(view.id));
            else if (key !== 'obf') onChoose(key as Chosen);
          },
        }}
      >
        <PlainButton aria-label={t`More to do with these boards`}>⋯</PlainButton>
      </Dropdown>
      {working}
    </>
  );
}
