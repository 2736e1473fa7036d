import { t } from '@lingui/core/macro';
import { Dropdown, Input } from 'antd';
import { useState } from 'react';
import type { Board, Button } from '../../api/types';
import { wordsOf } from '../../data/typed';
import parts from '../../shell/parts.module.css';

/** The ids of the buttons of a board whose label is one of the words typed, whatever their capitals. */
export function byWords(board: Board, typed: string): string[] {
  const sought = wordsOf(typed).map((w) => w.toLowerCase());
  return board.buttons.filter((b) => sought.includes(b.label.toLowerCase())).map((b) => b.id);
}

/** The ids of the buttons of a board that say of their own look just what this one says. */
export function alike(board: Board, button: Button): string[] {
  const look = JSON.stringify(Object.entries(button.look).sort());
  return board.buttons.filter((b) => JSON.stringify(Object.entries(b.look).sort()) === look).map((b) => b.id);
}

/** Chooses more buttons than one clicks: all of a kind, all that look alike, all that are named. */
export function ChooseMore({ board, button, onChoose }: { board: Board; button: Button; onChoose: (ids: string[]) => void }) {
  const [typing, setTyping] = useState(false);
  const [none, setNone] = useState(false);
  if (typing) {
    return (
      <Input
        size="small"
        autoFocus
        aria-label={t`Choose buttons by their words`}
        placeholder={t`words, with commas`}
        status={none ? 'warning' : undefined}
        onBlur={() => setTyping(false)}
        onKeyDown={(e) => {
          e.stopPropagation();
          if (e.key === 'Escape') setTyping(false);
          if (e.key !== 'Enter') return;
          const ids = byWords(board, e.currentTarget.value);
          setNone(ids.length === 0);
          if (ids.length > 0) onChoose(ids);
        }}
      />
    );
  }
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          { key: 'kind', label: button.kind ? t`all ${button.kind} words of this board` : t`all that are no words` },
          { key: 'alike', label: t`all that look like it` },
          { key: 'all', label: t`all of this board` },
          { key: 'words', label: t`by words I type …` },
        ],
        onClick: ({ key }) => {
          if (key === 'words') setTyping(true);
          else
            onChoose(
              key === 'kind'
                ? board.buttons.filter((b) => b.kind === button.kind).map((b) => b.id)
                : key === 'alike'
                  ? alike(board, button)
                  : board.buttons.map((b) => b.id),
            );
        },
      }}
    >
      <button type="button" className={parts.dotted} aria-haspopup="menu">{t`choose more with it`}</button>
    </Dropdown>
  );
}
