import { t } from '@lingui/core/macro';
import { Select } from 'antd';
import type { Cell, Intention, VocabularyView } from '../../api/types';
import { useQuery } from '@tanstack/react-query';
import { rowOf } from '../../data/showing';
import { useOtherVocabularies } from '../../data/students';
import { startsFirst } from '../../data/typed';
import bench from '../../shell/bench.module.css';

/** Puts into an empty cell a button that opens a board, another vocabulary of the student, or a day, a walk or a book. */
export function WayTo({ view, boardId, cell, onEdit }: { view: VocabularyView; boardId: string; cell: Cell; onEdit: (edit: Intention) => void }) {
  const others = useOtherVocabularies(view);
  const { data: row = [] } = useQuery({ ...rowOf(view.student?.id ?? ''), enabled: !!view.student });
  const names = new Map([
    ...view.boards.map((b): [string, string] => [`board:${b.id}`, b.name]),
    ...others.map((v): [string, string] => [`vocabulary:${v.vocabulary}`, v.name]),
    ...row.map((l): [string, string] => [`list:${l.id}`, l.name]),
  ]);
  return (
    <Select
      className={bench.chooseBoard}
      aria-label={t`Put here a way to`}
      placeholder={t`a board`}
      showSearch
      optionFilterProp="label"
      filterSort={startsFirst}
      value={null}
      options={[
        { label: t`boards`, options: view.boards.filter((b) => b.id !== boardId).map((b) => ({ value: `board:${b.id}`, label: b.name })) },
        ...(others.length > 0 ? [{ label: t`whole vocabularies`, options: others.map((v) => ({ value: `vocabulary:${v.vocabulary}`, label: v.name })) }] : []),
        ...(row.length > 0 ? [{ label: t`days, walks and books`, options: row.map((l) => ({ value: `list:${l.id}`, label: l.name })) }] : []),
      ]}
      onSelect={(value: string | null) => {
        if (!value) return;
        const id = value.slice(value.indexOf(':') + 1);
        if (value.startsWith('list:')) {
          const picture = row.find((l) => l.id === Number(id))?.picture ?? 'base/open-book';
          onEdit({ type: 'put-doing', board: boardId, at: cell, label: names.get(value) ?? '', picture, doing: { type: 'show-list', list: Number(id) } });
          return;
        }
        onEdit({
          type: 'put-opener',
          board: boardId,
          at: cell,
          label: names.get(value) ?? '',
          leads: value.startsWith('board:') ? { type: 'opens', board: id } : { type: 'elsewhere', vocabulary: Number(id) },
        });
      }}
    />
  );
}
