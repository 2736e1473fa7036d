import { t } from '@lingui/core/macro';
import { Alert, App, Button, Input, Modal, Radio, Select } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { sentence } from '../../api/client';
import type { ChosenWord } from '../../api/types';
import { putChosen, vocabulary } from '../../data/boards';
import { useBegin } from '../../data/lists';
import { caseload } from '../../data/students';
import parts from '../../shell/parts.module.css';
import { may } from '../../data/may';
import css from './pictures.module.css';

/** Puts chosen words, with their pictures, on a student's board: in its next empty cells, or on a new board. */
export function PutOnBoard({ words, suggested, onClose }: { words: ChosenWord[]; suggested: string; onClose: () => void }) {
  const queries = useQueryClient();
  const begin = useBegin();
  const { message } = App.useApp();
  const rows = useQuery(caseload);
  const students = (rows.data ?? []).filter((r) => r.vocabulary && may(r, 'CHANGE'));
  const [student, setStudent] = useState<string>();
  const row = students.find((r) => r.student.id === student) ?? students[0];
  const view = useQuery({ ...vocabulary(row?.vocabulary?.id ?? 0), enabled: row !== undefined });
  const [where, setWhere] = useState<'there' | 'new'>(words.length > 3 ? 'new' : 'there');
  const [board, setBoard] = useState<string>();
  const [name, setName] = useState(suggested);
  const boards = view.data?.boards ?? [];
  const chosen = boards.find((b) => b.id === board) ?? boards.find((b) => b.id === view.data?.home);

  const putting = useMutation({
    mutationFn: () =>
      putChosen(
        view.data!,
        where === 'new' ? { name } : { board: chosen!.id },
        words.map(({ word, picture }) => ({ word, picture })),
      ),
    onSuccess: ({ board: id, vocabulary: at }) => {
      void queries.invalidateQueries({ queryKey: ['vocabulary', at] });
      void queries.invalidateQueries({ queryKey: caseload.queryKey });
      void queries.invalidateQueries({ queryKey: ['pictures', 'used'] });
      const [{ word: first }] = words;
      const whose = t`${row.student.name}’s`;
      const path = `/vocabularies/${at}/boards/${encodeURIComponent(id)}`;
      void message.success(
        <span>
          {words.length === 1 ? t`“${first}” is on ${whose} boards.` : t`${words.length} words are on ${whose} boards.`}{' '}
          <Link to={path}>{t`See the board`}</Link> · <Link to={`${path}/print`}>{t`Print it`}</Link>
        </span>,
        12,
      );
      onClose();
    },
  });

  const title = words.length === 1 ? t`Put “${words[0].word}” on a board` : t`Put ${words.length} words on a board`;
  return (
    <Modal open title={title} onCancel={onClose} footer={null}>
      {rows.data && students.length === 0 && <p>{t`No student has boards yet. Start from a starter on the caseload first.`}</p>}
      {row && (
        <div className={css.putOn}>
          <label>
            {t`For`}{' '}
            <Select
              aria-label={t`Student`}
              value={row.student.id}
              onChange={(id) => {
                setStudent(id);
                setBoard(undefined);
              }}
              options={students.map((r) => ({ value: r.student.id, label: `${r.student.name}, ${r.vocabulary!.name}` }))}
            />
          </label>
          <Radio.Group
            value={where}
            onChange={(e) => setWhere(e.target.value as 'there' | 'new')}
            options={[
              { value: 'there', label: t`in the next empty cells of a board` },
              { value: 'new', label: t`on a new board` },
            ]}
          />
          {where === 'there' ? (
            <label>
              {t`The board`}{' '}
              <Select
                aria-label={t`Board`}
                showSearch
                optionFilterProp="label"
                value={chosen?.id}
                onChange={setBoard}
                options={boards.map((b) => ({ value: b.id, label: t`${b.name}, ${b.empty} empty` }))}
              />
            </label>
          ) : (
            <label>
              {t`Called`} <Input aria-label={t`Name of the new board`} value={name} onChange={(e) => setName(e.target.value)} />
            </label>
          )}
          {putting.isError && <Alert type="error" showIcon title={sentence(putting.error)} />}
          <Button type="primary" loading={putting.isPending} disabled={!view.data || (where === 'new' && name.trim() === '')} onClick={() => putting.mutate()}>
            {words.length === 1 ? t`Put it there` : t`Put them there`}
          </Button>
          <p className={parts.quiet}>{t`No word that is there moves. From the board it can be printed.`}</p>
          <p>
            {t`Or only for paper:`}{' '}
            <button
              type="button"
              className={parts.dotted}
              onClick={() =>
                void begin({ chosen: words.flatMap(({ word, picture }) => (picture ? [{ word, picture }] : [])), name: suggested, student: row.student.id })
              }
            >
              {words.length === 1 ? t`make a word list of it` : t`make a word list of them`}
            </button>
          </p>
        </div>
      )}
    </Modal>
  );
}
