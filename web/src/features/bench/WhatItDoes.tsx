import { t } from '@lingui/core/macro';
import { DndContext, MouseSensor, pointerWithin, TouchSensor, useDraggable, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import { Select } from 'antd';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import type { Button, Doing } from '../../api/types';
import { choseLately, lately, latelyFirst } from '../../data/lately';
import { DottedChoice, DottedText } from '../../shell/Dotted';
import { BEGINS, SILENT } from '../../shell/dragging';
import { offeredDoings, phraseOf, typedOf } from '../../talking';
import { linesOf, movedTo, withAt, without } from './doingsOrder';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

const LATELY = 'doings';

/**
 * What a button says and does, a line each in the order in which it does them: moved by mouse and by keys, taken out, and more added.
 *
 * @param saying  the line of what it says
 * @param hearing by which all of it is heard
 */
export function WhatItDoes({
  button,
  disabled,
  saying,
  hearing,
  onEditing,
  onGive,
}: {
  button: Button;
  disabled: boolean;
  saying: ReactNode;
  hearing: ReactNode;
  /** While words are typed, what counts is what was shown when that began. */
  onEditing: (on: boolean) => void;
  onGive: (doings: Doing[]) => void;
}) {
  const lines = linesOf(button);
  const [editing, setEditing] = useState<number>();
  // Where the line that keys moved stands by now: the focus goes with it.
  const [moved, setMoved] = useState<number>();
  const sensors = useSensors(useSensor(MouseSensor, { activationConstraint: BEGINS.mouse }), useSensor(TouchSensor, { activationConstraint: BEGINS.touch }));
  function edit(line?: number) {
    setEditing(line);
    onEditing(line !== undefined);
  }
  const named = (doing: Doing) => (doing.type === 'own-word' ? t`what it says` : phraseOf(doing));

  const content = (doing: Doing, i: number): ReactNode => {
    if (doing.type === 'own-word') return saying;
    const typed = typedOf(doing);
    if (editing === i && typed)
      return (
        <DottedText
          label={phraseOf(doing)}
          value={typed.text}
          editing
          onEditing={() => edit(undefined)}
          onKeep={(text) => text.trim() && onGive(withAt(lines, i, typed.withText(text)))}
        />
      );
    return (
      <>
        {t`and`}{' '}
        <DottedChoice
          label={t`Change what it does here`}
          disabled={disabled}
          items={[
            ...(typed ? [{ key: 'type', label: t`other words…` }] : []),
            ...(i > 0 ? [{ key: 'up', label: t`earlier` }] : []),
            ...(i < lines.length - 1 ? [{ key: 'down', label: t`later` }] : []),
            { key: 'out', label: t`not this any more` },
          ]}
          onChoose={(key) => {
            if (key === 'type') edit(i);
            else onGive(key === 'out' ? without(lines, i) : movedTo(lines, i, key === 'up' ? i - 1 : i + 2));
          }}
        >
          {phraseOf(doing)}
        </DottedChoice>
      </>
    );
  };

  return (
    <>
      <DndContext
        sensors={sensors}
        collisionDetection={pointerWithin}
        accessibility={{ screenReaderInstructions: { draggable: t`Arrow up and down move it.` }, announcements: SILENT }}
        onDragEnd={({ active, over }) => {
          const from = Number(active.id);
          const to = Number(over?.id ?? from);
          if (over && to !== from) onGive(movedTo(lines, from, to > from ? to + 1 : to));
        }}
      >
        <ol className={bench.doings} aria-label={t`What it says and does, in order`}>
          {lines.map((doing, i) => (
            <Line
              key={`${i} ${JSON.stringify(doing)}`}
              at={i}
              movable={!disabled && lines.length > 1}
              named={named(doing)}
              inHand={moved === i}
              onMove={(up) => {
                if (up ? i === 0 : i === lines.length - 1) return;
                setMoved(up ? i - 1 : i + 1);
                onGive(movedTo(lines, i, up ? i - 1 : i + 2));
              }}
            >
              {content(doing, i)}
            </Line>
          ))}
        </ol>
      </DndContext>
      <p>
        {!disabled && (
          <>
            {t`and`} <AddDoing onAdd={(doing) => onGive([...lines, doing])} />
          </>
        )}{' '}
        {hearing}
      </p>
    </>
  );
}

/** One line, with what it is taken by if there are more. */
function Line({
  at,
  movable,
  named,
  inHand,
  onMove,
  children,
}: {
  at: number;
  movable: boolean;
  named: string;
  onMove: (up: boolean) => void;
  children: ReactNode;
  inHand: boolean;
}) {
  const { setNodeRef: setDragged, listeners, transform } = useDraggable({ id: at, disabled: !movable });
  const { setNodeRef: setOver, isOver } = useDroppable({ id: at, disabled: !movable });
  const grip = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (inHand) grip.current?.focus();
  }, [inHand, named]);
  function keys(event: KeyboardEvent) {
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
    event.preventDefault();
    onMove(event.key === 'ArrowUp');
  }
  return (
    <li ref={setOver} className={isOver ? bench.doingOver : undefined}>
      <div ref={setDragged} style={transform ? { transform: `translate(0, ${transform.y}px)` } : undefined}>
        {movable && (
          <button
            type="button"
            ref={grip}
            className={bench.grip}
            aria-label={t`Move: ${named}. Arrow up and down move it.`}
            title={t`Drag it, or move it by arrow up and down`}
            {...listeners}
            onKeyDown={keys}
          >
            ⠿
          </button>
        )}{' '}
        {children}
      </div>
    </li>
  );
}

/** One more thing to do: chosen, those chosen lately first, or typed. */
function AddDoing({ onAdd }: { onAdd: (doing: Doing) => void }) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  if (!open)
    return (
      <button
        type="button"
        className={parts.dotted}
        title={t`Let it do something more`}
        aria-haspopup="listbox"
        onClick={() => {
          setTyped('');
          setOpen(true);
        }}
      >{t`something more…`}</button>
    );
  const text = typed.trim();
  const offered = latelyFirst(offeredDoings(), (d) => d.type, lately(LATELY));
  const chosen = offered.filter((d) => !d.typed && d.label.toLowerCase().includes(text.toLowerCase()));
  const typing = text ? offered.filter((d) => d.typed) : [];
  return (
    <Select
      className={bench.chooseBoard}
      aria-label={t`What more it does`}
      placeholder={t`choose, or type words`}
      autoFocus
      defaultOpen
      showSearch
      filterOption={false}
      searchValue={typed}
      onSearch={setTyped}
      value={null}
      options={[
        ...chosen.map((d) => ({ value: d.type, label: d.label })),
        ...typing.map((d) => ({ value: d.type, label: phraseOf(d.make(typed)) })),
        ...(text ? [] : [{ value: 'type', label: t`or type words to say or to add`, disabled: true }]),
      ]}
      onSelect={(value: string | null) => {
        const taken = offered.find((d) => d.type === value);
        setOpen(false);
        if (!taken) return;
        choseLately(LATELY, taken.type);
        onAdd(taken.make(typed));
      }}
      onBlur={() => setOpen(false)}
      listHeight={320}
      onInputKeyDown={(e) => {
        if (e.key === 'Escape') setOpen(false);
      }}
    />
  );
}
