import { plural, t } from '@lingui/core/macro';
import { Checkbox, Input, Segmented } from 'antd';
import { useState, type CSSProperties } from 'react';
import type { Arrival, SourceView } from '../../api/types';
import { OnMap } from './OnMap';
import { toggled, type Choice } from './choice';
import css from './arrival.module.css';

/** The boards there, from home outwards, to be chosen; those that come with others say over which they come. */
export function Which({ there, choice, comes, onChoose }: { there: SourceView; choice: Choice; comes?: Arrival; onChoose: (choice: Choice) => void }) {
  const [sought, setSought] = useState('');
  const [onMap, setOnMap] = useState(false);
  const met = new Map(comes?.boards.map((b) => [b.board, b]));
  const text = sought.trim().toLowerCase();
  const shown = text ? there.boards.filter((b) => b.name.toLowerCase().includes(text)).map((b) => ({ ...b, depth: 0 })) : there.boards;
  const all = choice.boards.length === there.boards.length;
  return (
    <section className={css.which} aria-label={t`Boards there`}>
      <Input allowClear aria-label={t`A board by its name`} placeholder={t`a board by its name`} value={sought} onChange={(e) => setSought(e.target.value)} />
      <p>
        <Checkbox checked={choice.withAll} onChange={(e) => onChoose({ ...choice, withAll: e.target.checked })}>
          {t`with all they open`}
        </Checkbox>
      </p>
      <p>
        <Checkbox
          checked={all}
          indeterminate={!all && choice.boards.length > 0}
          onChange={() => onChoose({ ...choice, boards: all ? [] : there.boards.map((b) => b.board) })}
        >
          {plural(there.boards.length, { one: '# board', other: 'all # boards' })}
        </Checkbox>
      </p>
      <Segmented
        aria-label={t`How boards are shown`}
        value={onMap}
        onChange={setOnMap}
        options={[
          { value: false, label: t`by name` },
          { value: true, label: t`on the map` },
        ]}
      />
      {onMap && (
        <OnMap
          from={there.vocabulary}
          boards={choice.boards}
          along={(comes?.boards ?? []).filter((b) => b.comes).map((b) => b.board)}
          onToggle={(board) => onChoose(toggled(choice, board))}
        />
      )}
      <ul hidden={onMap}>
        {shown.map((board) => {
          const one = met.get(board.board);
          const along = one?.by && !choice.boards.includes(board.board);
          return (
            <li key={board.board} style={{ '--depth': board.depth } as CSSProperties} className={along && one.comes ? css.along : undefined}>
              <Checkbox checked={choice.boards.includes(board.board)} onChange={() => onChoose(toggled(choice, board.board))}>
                {board.name}
              </Checkbox>
              <span className={css.told}>
                {one?.meets === 'SAME'
                  ? t`here already`
                  : along && one.comes
                    ? t`comes with ${one.by ?? ''}`
                    : plural(board.words, { one: '# word', other: '# words' })}
              </span>
            </li>
          );
        })}
        {shown.length === 0 && <li>{t`No board there is called so.`}</li>}
      </ul>
    </section>
  );
}
