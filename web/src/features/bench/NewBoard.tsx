import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Checkbox, Input, InputNumber, Modal, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Cell, VocabularyView } from '../../api/types';
import { patterns } from '../../data/boards';
import { startsLarge } from '../edit';
import { spoken } from '../../data/cells';
import { startsFirst } from '../../data/typed';
import dialogs from './dialogs.module.css';

export interface Begun {
  name: string;
  at?: Cell;
  pattern?: string;
  copyOf?: string;
  rows?: number;
  columns?: number;
}

/** A new board: its name, and what it begins with. With nothing chosen it is like its siblings, and Enter makes it. */
export function NewBoard({
  view,
  boardName,
  free,
  onMake,
  onClose,
}: {
  view: VocabularyView;
  boardName: string;
  /** The empty cell that is marked. */ free?: Cell;
  onMake: (begun: Begun) => Promise<boolean>;
  onClose: () => void;
}) {
  const [name, setName] = useState('');
  const [start, setStart] = useState('bare');
  const [opened, setOpened] = useState(free !== undefined);
  const [rows, setRows] = useState<number | null>(null);
  const [columns, setColumns] = useState<number | null>(null);
  const { data: all = [] } = useQuery(patterns(view.id));
  const [sort, which] = [start.slice(0, start.indexOf(':')), start.slice(start.indexOf(':') + 1)];
  const pattern = sort === 'pattern' ? startsLarge(all.find((p) => p.pattern === which)?.name ?? '') : '';
  const called = name.trim() || (sort === 'copy' ? (view.boards.find((b) => b.id === which)?.name ?? '') : pattern);
  const make = () => {
    if (!called) return;
    void onMake({
      name: called,
      ...(opened && { at: free }),
      ...(sort === 'pattern' && { pattern: which }),
      ...(sort === 'copy' && { copyOf: which }),
      ...(sort !== 'copy' && { rows: rows ?? undefined, columns: columns ?? undefined }),
    }).then((made) => {
      if (made) onClose();
    });
  };
  return (
    <Modal
      open
      title={t`A new board`}
      onCancel={onClose}
      okText={t`Make it`}
      cancelText={t`Leave it`}
      onOk={make}
      okButtonProps={{ disabled: !called }}
      width={520}
    >
      <div className={dialogs.person}>
        <label>
          {t`Its name`}{' '}
          <Input
            autoFocus
            aria-label={t`Name of the new board`}
            value={name}
            maxLength={80}
            placeholder={called || t`such as Swimming`}
            onChange={(e) => setName(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') make();
            }}
          />
        </label>
        <label>
          {t`It begins`}
          <Select
            aria-label={t`What it begins with`}
            value={start}
            onChange={setStart}
            showSearch
            optionFilterProp="label"
            filterSort={startsFirst}
            options={[
              { value: 'bare', label: t`like its siblings, with its way home` },
              { label: t`from a pattern`, options: all.map((p) => ({ value: `pattern:${p.pattern}`, label: t`${p.name}: ${p.about} (${p.words} words)` })) },
              { label: t`as a copy of`, options: view.boards.map((b) => ({ value: `copy:${b.id}`, label: b.name })) },
            ]}
          />
        </label>
        {free && (
          <div>
            <Checkbox checked={opened} onChange={(e) => setOpened(e.target.checked)}>{t`A button on ${boardName}, ${spoken(free)}, opens it`}</Checkbox>
          </div>
        )}
        {sort !== 'copy' && (
          <div className={dialogs.sizes}>
            {t`Its grid:`} <InputNumber aria-label={t`Rows`} min={1} max={40} placeholder={t`rows`} value={rows} onChange={setRows} /> {t`x`}{' '}
            <InputNumber aria-label={t`Columns`} min={1} max={40} placeholder={t`columns`} value={columns} onChange={setColumns} />
            <Trans>
              <small>left empty: as its siblings</small>
            </Trans>
          </div>
        )}
      </div>
    </Modal>
  );
}
