import { t } from '@lingui/core/macro';
import { Select } from 'antd';
import { useState } from 'react';
import type { BoardLine, Button, VocabularyView } from '../../api/types';
import { useOtherVocabularies } from '../../data/students';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

type Chosen = { what: 'leads'; leads: Button['leads'] } | { what: 'new'; name: string } | { what: 'walk' };

/** Where a button leads: typed by name with suggestions, made new under the name typed, or shown by walking there. */
export function LeadsChooser({
  shown,
  button,
  line,
  view,
  disabled,
  onChoose,
}: {
  shown: string;
  button: Button;
  line: BoardLine;
  view: VocabularyView;
  disabled: boolean;
  onChoose: (chosen: Chosen) => void;
}) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const others = useOtherVocabularies(view);
  if (disabled) return <strong>{shown}</strong>;
  if (!open)
    return (
      <button
        type="button"
        className={parts.dotted}
        title={t`Change where it leads`}
        aria-haspopup="listbox"
        onClick={() => {
          setTyped('');
          setOpen(true);
        }}
      >
        {shown}
      </button>
    );
  const wanted = typed.trim().toLowerCase();
  const boards = view.boards
    .filter((b) => b.id !== line.id && b.name.toLowerCase().includes(wanted))
    .sort((a, b) => Number(b.name.toLowerCase().startsWith(wanted)) - Number(a.name.toLowerCase().startsWith(wanted)));
  const twice = new Set(view.boards.map((b) => b.name).filter((name, i, all) => all.indexOf(name) !== i));
  const name = typed.trim() || button.label || t`New board`;
  const once = button.leads.type === 'opens' && button.leads.once;
  const ways = [
    ['stays', t`stays here`],
    ['home', t`goes home`],
    ['back', t`goes back`],
  ];
  if (button.leads.type === 'opens') ways.push(['once', once ? t`opens it and stays there` : t`opens it, and comes back after one word`]);
  const options = [
    ...ways.filter(([, words]) => words.includes(wanted)).map(([value, label]) => ({ value, label })),
    { value: 'new', label: t`opens a new board, “${name}”` },
    { value: 'walk', label: t`opens a board I show you …` },
    ...boards.map((b) => ({ value: `opens:${b.id}`, label: t`opens ${b.name}${twice.has(b.name) ? ` (${way(b, view)})` : ''}` })),
    ...others
      .filter((v) => v.name.toLowerCase().includes(wanted))
      .map((v) => ({ value: `elsewhere:${v.vocabulary}`, label: t`opens the vocabulary ${v.name}` })),
  ];
  const opens = (o: { value: string }) => o.value.startsWith('opens:');
  const ranked = wanted && boards.length > 0 ? [...options.filter(opens), ...options.filter((o) => !opens(o))] : options;
  function choose(value: string) {
    setOpen(false);
    const leads = (to: Button['leads']) => onChoose({ what: 'leads', leads: to });
    if (value === 'new') onChoose({ what: 'new', name });
    else if (value === 'walk') onChoose({ what: 'walk' });
    else if (value === 'once' && button.leads.type === 'opens') leads({ type: 'opens', board: button.leads.board, once: once ? undefined : true });
    else if (value.startsWith('elsewhere:')) leads({ type: 'elsewhere', vocabulary: Number(value.slice('elsewhere:'.length)) });
    else leads(value.startsWith('opens:') ? { type: 'opens', board: value.slice('opens:'.length) } : { type: value as 'stays' | 'home' | 'back' });
  }
  return (
    <Select
      className={bench.chooseBoard}
      aria-label={t`Where it leads`}
      placeholder={t`A board’s name`}
      autoFocus
      defaultOpen
      showSearch
      filterOption={false}
      searchValue={typed}
      onSearch={setTyped}
      value={null}
      options={ranked}
      onSelect={(value: string | null) => {
        if (value) choose(value);
      }}
      onBlur={() => setOpen(false)}
      listHeight={300}
      onInputKeyDown={(e) => {
        if (e.key === 'Escape') setOpen(false);
      }}
    />
  );
}

const way = (board: BoardLine, view: VocabularyView) =>
  board.route ? board.route.map((tap) => view.boards.find((b) => b.id === tap.board)?.name ?? '?').join(', ') || t`home` : t`no tap leads there`;
