import { Dropdown, type MenuProps } from 'antd';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import parts from './parts.module.css';

/** A dotted-underlined word of a sentence that opens a list to choose from. */
export function DottedChoice({
  label,
  children,
  items,
  onChoose,
  disabled,
}: {
  label: string;
  children: ReactNode;
  items: MenuProps['items'];
  onChoose: (key: string) => void;
  disabled?: boolean;
}) {
  if (disabled) return <strong>{children}</strong>;
  return (
    <Dropdown trigger={['click']} menu={{ items, onClick: ({ key }) => onChoose(key), className: parts.longMenu }}>
      <button type="button" className={parts.dotted} title={label} aria-haspopup="menu">
        {children}
      </button>
    </Dropdown>
  );
}

/** A dotted-underlined word that becomes a field when clicked. Enter or leaving keeps it, Escape does not. */
export function DottedText({
  label,
  value,
  shown,
  onKeep,
  disabled,
  editing,
  onEditing,
  onText,
  onKeepWith,
  signs,
}: {
  label: string;
  value: string;
  shown?: ReactNode;
  onKeep: (text: string) => void;
  disabled?: boolean;
  editing?: boolean;
  onEditing?: (on: boolean) => void;
  /** What is typed, as it is typed. */
  onText?: (text: string) => void;
  /** Kept by Shift Enter, with something more. */
  onKeepWith?: (text: string) => void;
  /** Signs that keyboards do not have, to be put in by a click. */
  signs?: Signs;
}) {
  const [own, setOwn] = useState(false);
  const open = editing ?? own;
  const setOpen = onEditing ?? setOwn;
  if (disabled) return <strong>{shown ?? value}</strong>;
  if (!open)
    return (
      <button type="button" className={parts.dotted} title={label} onClick={() => setOpen(true)}>
        {shown ?? value}
      </button>
    );
  return (
    <DottedField
      label={label}
      value={value}
      onText={onText}
      signs={signs}
      onKeepWith={
        onKeepWith &&
        ((text) => {
          setOpen(false);
          onKeepWith(text);
        })
      }
      onDone={(text) => {
        setOpen(false);
        if (text !== undefined && text.trim() !== value) onKeep(text);
      }}
    />
  );
}

interface Signs {
  of: readonly string[];
  label: string;
  /** What is told of the text as it is now. */
  hint: (text: string) => string;
  /** What becomes of a text when one of them is put in at a place, and where one goes on typing. */
  put: (text: string, at: number, sign: string) => { text: string; at: number };
}

/** The field, new each time it opens: its text is selected before the next key arrives, so typing replaces it. */
function DottedField({
  label,
  value,
  onDone,
  onText,
  onKeepWith,
  signs,
}: {
  label: string;
  value: string;
  signs?: Signs;
  onDone: (text?: string) => void;
  onText?: (text: string) => void;
  onKeepWith?: (text: string) => void;
}) {
  const [text, setText] = useState(value);
  // What is kept was meant for what stood here when the field opened: what others make of it meanwhile is met, not written over.
  // What more it may be kept with is offered for what is typed, so that is the newest.
  const [keep] = useState(() => onDone);
  const done = useRef(false);
  const field = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => {
    field.current?.focus();
    field.current?.select();
  }, []);
  const leave = (kept?: string) => {
    if (done.current) return;
    done.current = true;
    keep(kept);
  };
  const goesOn = useRef<number>(undefined);
  useLayoutEffect(() => {
    if (goesOn.current !== undefined) field.current?.setSelectionRange(goesOn.current, goesOn.current);
    goesOn.current = undefined;
  }, [text]);
  function putIn(sign: string) {
    const put = signs!.put(text, field.current?.selectionStart ?? text.length, sign);
    goesOn.current = put.at;
    setText(put.text);
  }
  const input = (
    <input
      ref={field}
      className={parts.dottedField}
      aria-label={label}
      value={text}
      dir="auto"
      size={Math.max(6, Math.min(24, text.length + 1))}
      onChange={(e) => {
        setText(e.target.value);
        onText?.(e.target.value);
      }}
      onBlur={() => leave(text)}
      onKeyDown={(e) => {
        if (e.key === 'Enter' && e.shiftKey && onKeepWith && !done.current) {
          done.current = true;
          onKeepWith(text);
        } else if (e.key === 'Enter') leave(text);
        if (e.key === 'Escape') leave();
        e.stopPropagation();
      }}
    />
  );
  if (!signs) return input;
  return (
    <>
      {input}
      <span role="group" aria-label={signs.label} className={parts.signs}>
        <span className={parts.quiet}>{signs.hint(text)}</span>
        {signs.of.map((sign) => (
          // The field keeps the focus: leaving it would keep what is typed.
          <button key={sign} type="button" tabIndex={-1} onMouseDown={(e) => e.preventDefault()} onClick={() => putIn(sign)}>
            {sign}
          </button>
        ))}
      </span>
    </>
  );
}
