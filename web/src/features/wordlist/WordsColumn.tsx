import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { DndContext, MouseSensor, pointerWithin, TouchSensor, useDraggable, useDroppable, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { Input } from 'antd';
import { useState, type KeyboardEvent, type MouseEvent, type ReactNode, type SyntheticEvent, type TouchEvent } from 'react';
import type { ListedWord, WordList } from '../../api/types';
import { DottedChoice, DottedText } from '../../shell/Dotted';
import { Pic } from '../../drawn/art';
import { Choice } from '../sheet';
import { WordPictures } from './WordPictures';
import type { Act } from '../../data/lists';
import { BEGINS, SILENT } from '../../shell/dragging';
import css from './wordlist.module.css';
import { may } from '../../data/may';
import { LANGUAGES, languageName } from '../../shell/languages';
import parts from '../../shell/parts.module.css';

const TIMES = [0, 1, 2, 3, 4, 5, 6, 8, 10, 12, 20];
/** Those pictures have names in, by their English names. */
const SECONDS: Record<string, string> = {
  none: t`one language`,
  ...Object.fromEntries(Object.entries(LANGUAGES).map(([tag, name]) => [tag, t`two, also ${name}`])),
};
/** In a field one marks letters, and in a menu that opens over the row one chooses. */
const takesRow = ({ target, currentTarget }: SyntheticEvent) =>
  target instanceof Element && currentTarget.contains(target) && !(target instanceof HTMLInputElement);

class RowMouse extends MouseSensor {
  static activators = [{ eventName: 'onMouseDown' as const, handler: (event: MouseEvent) => event.button === 0 && takesRow(event) }];
}

class RowTouch extends TouchSensor {
  static activators = [{ eventName: 'onTouchStart' as const, handler: (event: TouchEvent) => event.touches.length === 1 && takesRow(event) }];
}

/** Dropped here, a word goes to the end. */
const END = 'end';
type Second = NonNullable<WordList['second']>;

/** The words in order: typed or pasted below, dragged or moved by keys, each with its picture and how often it is printed. */
export function WordsColumn({ view, onAct }: { view: WordList; onAct: (act: Act) => Promise<WordList | undefined> }) {
  const [typed, setTyped] = useState('');
  const [choosing, setChoosing] = useState<ListedWord>();
  const { words } = view;
  const mayEdit = may(view, 'CHANGE');
  const change = (word: ListedWord) => void onAct({ what: 'edit', edit: { type: 'change-word', word } });
  const move = (ids: string[], before?: string) => void onAct({ what: 'edit', edit: { type: 'move-words', ids, before } });

  async function add(text: string) {
    if (text.trim() && (await onAct({ what: 'words', text }))) setTyped('');
  }
  function keys(event: KeyboardEvent, word: ListedWord, i: number) {
    if (event.target !== event.currentTarget || !mayEdit) return;
    const rows = event.currentTarget.parentElement!.querySelectorAll<HTMLElement>(':scope > li');
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const down = event.key === 'ArrowDown';
      if (event.altKey && (down ? i < words.length - 1 : i > 0)) move([word.id], down ? words[i + 2]?.id : words[i - 1].id);
      else if (!event.altKey) rows[i + (down ? 1 : -1)]?.focus();
    } else if (event.key === 'Delete') {
      event.preventDefault();
      void onAct({ what: 'edit', edit: { type: 'take-out', ids: [word.id] } });
      rows[i + 1]?.focus();
    }
  }
  const sensors = useSensors(useSensor(RowMouse, { activationConstraint: BEGINS.mouse }), useSensor(RowTouch, { activationConstraint: BEGINS.touch }));
  function dropped({ active, over }: DragEndEvent) {
    if (over && over.id !== active.id) move([String(active.id)], over.id === END ? undefined : String(over.id));
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      accessibility={{ screenReaderInstructions: { draggable: t`Alt and arrows move a word.` }, announcements: SILENT }}
      onDragEnd={dropped}
    >
      <ol className={css.rows} aria-label={t`Words of the list`}>
        {words.map((word, i) => (
          <Row
            key={word.id}
            word={word}
            mayEdit={mayEdit}
            label={
              word.not
                ? t`not ${word.text || t`a picture`}, ${i + 1} of ${words.length}, printed ${word.times} times`
                : t`${word.text || t`a picture`}, ${i + 1} of ${words.length}, printed ${word.times} times`
            }
            onKeyDown={(e) => keys(e, word, i)}
          >
            <span className={css.number}>{i + 1}</span>
            <button
              type="button"
              className={css.pic}
              aria-label={t`Pictures for ${word.text || t`this word`}`}
              disabled={!mayEdit}
              onClick={() => setChoosing(word)}
            >
              {word.pictures.map((p) => (
                <Pic key={p} id={p} />
              ))}
              {word.pictures.length === 0 && '+'}
              {word.not && <i aria-hidden className={css.not} />}
            </button>
            <span className={css.text}>
              <DottedText
                label={t`Text of ${word.text}`}
                value={word.text}
                shown={word.text || t`no text`}
                disabled={!mayEdit}
                onKeep={(text) => change({ ...word, text })}
              />
              {view.second && (
                <DottedText
                  label={t`${word.text} in ${languageName(view.second.language)}`}
                  value={word.second ?? ''}
                  shown={word.second ?? `${languageName(view.second.language)}?`}
                  disabled={!mayEdit}
                  onKeep={(second) => change({ ...word, second: second || undefined })}
                />
              )}
            </span>
            <DottedChoice
              label={t`How often ${word.text} is printed`}
              disabled={!mayEdit}
              items={TIMES.map((n) => ({ key: String(n), label: n === 0 ? t`keep it, print none` : `×${n}` }))}
              onChoose={(n) => change({ ...word, times: Number(n) })}
            >
              ×{word.times}
            </DottedChoice>
            {mayEdit && (
              <button
                type="button"
                className={css.out}
                aria-label={t`Take ${word.text || t`this word`} out`}
                title={t`Take it out`}
                onClick={() => void onAct({ what: 'edit', edit: { type: 'take-out', ids: [word.id] } })}
              >
                ×
              </button>
            )}
          </Row>
        ))}
      </ol>
      {mayEdit && (
        <AtTheEnd>
          <Input.TextArea
            className={css.type}
            aria-label={t`Type or paste words`}
            placeholder={t`type or paste words …`}
            autoSize={{ minRows: 1, maxRows: 6 }}
            autoFocus={words.length === 0}
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
            onPressEnter={(e) => {
              if (e.shiftKey) return;
              e.preventDefault();
              void add(typed);
            }}
            onPaste={(e) => {
              const text = e.clipboardData.getData('text/plain');
              if (!/[\n,;\t]/.test(text.trim())) return;
              e.preventDefault();
              void add(`${typed}${text}`);
            }}
          />
        </AtTheEnd>
      )}
      {mayEdit && <p className={parts.quiet}>{t`One a line, or with commas. Drag to order; Alt and arrows move a word.`}</p>}
      {mayEdit && words.length > 0 && (
        <p className={parts.quiet}>
          <InLanguage second={view.second} onSecond={(second) => void onAct({ what: 'language', second })} />
        </p>
      )}
      {choosing && (
        <WordPictures
          word={choosing}
          student={view.student ?? undefined}
          onClose={() => setChoosing(undefined)}
          onKeep={(word) => {
            setChoosing(undefined);
            change(word);
          }}
        />
      )}
    </DndContext>
  );
}

/** A word of the list, to be taken by mouse or finger and put before another. */
function Row({
  word,
  mayEdit,
  label,
  onKeyDown,
  children,
}: {
  word: ListedWord;
  mayEdit: boolean;
  label: string;
  onKeyDown: (event: KeyboardEvent) => void;
  children: ReactNode;
}) {
  const drag = useDraggable({ id: word.id, disabled: !mayEdit });
  const drop = useDroppable({ id: word.id, disabled: !mayEdit });
  const { transform } = drag;
  return (
    <li
      ref={(row) => {
        drag.setNodeRef(row);
        drop.setNodeRef(row);
      }}
      tabIndex={0}
      aria-label={label}
      className={drop.isOver && !drag.isDragging ? css.over : word.times === 0 ? css.none : undefined}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 2, position: 'relative' } : undefined}
      onKeyDown={onKeyDown}
      {...drag.listeners}
    >
      {children}
    </li>
  );
}

function AtTheEnd({ children }: { children: ReactNode }) {
  const { setNodeRef } = useDroppable({ id: END });
  return <div ref={setNodeRef}>{children}</div>;
}

/** In which language besides, and where it stands. */
function InLanguage({ second, onSecond }: { second?: Second; onSecond: (second?: Second) => void }) {
  const language = (
    <Choice
      label={t`A second language`}
      value={second?.language ?? 'none'}
      words={SECONDS}
      onChoose={(chosen) => onSecond(chosen === 'none' ? undefined : { language: chosen, instead: second?.instead ?? false })}
    />
  );
  const where = second && (
    <>
      ,{' '}
      <Choice
        label={t`Where the second language stands`}
        value={second.instead ? 'instead' : 'under'}
        words={{ under: t`under the words`, instead: t`instead of the words` }}
        onChoose={(stands) => onSecond({ ...second, instead: stands === 'instead' })}
      />
    </>
  );
  return (
    <Trans>
      In {language}
      {where}.
    </Trans>
  );
}
