import { t } from '@lingui/core/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Select } from 'antd';
import type { Cell, Intention, VocabularyView } from '../../api/types';
import { effects, effectsFor, inDrawers, type Effect } from '../../data/effects';
import { found } from '../../data/pictures';
import { useState } from 'react';
import { useSoundsByKeys } from './soundsByKeys';
import bench from '../../shell/bench.module.css';

type Offered = { value?: string; label: string; options?: { value: string; label: string }[] };

/** Puts into an empty cell a button that is heard as a sound; its picture is found by the sound’s name. */
export function PutSound({ view, boardId, cell, onPut }: { view: VocabularyView; boardId: string; cell: Cell; onPut: (edit: Intention) => void }) {
  const { data: all = [] } = useQuery(effects);
  const [typed, setTyped] = useState('');
  const { playSound } = useSoundsByKeys();
  const queries = useQueryClient();

  async function put({ id, name }: Effect) {
    const pictures = await queries
      .fetchQuery(found({ query: name, most: 1, language: view.locale }, { vocabulary: view.id, version: view.version, board: boardId }))
      .catch(() => undefined);
    const [first] = pictures?.pictures ?? [];
    onPut({ type: 'put-saying', board: boardId, at: cell, label: name, picture: first?.sure ? first.id : undefined, kind: 'thing', sound: id });
  }

  return (
    <Select<string | null, Offered>
      className={bench.chooseBoard}
      aria-label={t`Put here a sound`}
      placeholder={t`a sound`}
      showSearch
      filterOption={false}
      searchValue={typed}
      onSearch={setTyped}
      value={null}
      listHeight={320}
      onActive={playSound}
      options={
        typed.trim()
          ? effectsFor(all, typed).map((e) => ({ value: e.id, label: `♪ ${e.name}` }))
          : inDrawers(all).map(([drawer, of]) => ({ label: drawer, options: of.map((e) => ({ value: e.id, label: `♪ ${e.name}` })) }))
      }
      onSelect={(value) => {
        setTyped('');
        const chosen = all.find((e) => e.id === value);
        if (chosen) void put(chosen);
      }}
    />
  );
}
