import { Dropdown, type MenuProps } from 'antd';
import { useEffect, useRef, useState, type ReactNode } from 'react';

/** A dotted-underlined word of a sentence that opens a list to choose from. */
export function DottedChoice({ label, children, items, onChoose, disabled }: {
  label: string; children: ReactNode; items: MenuProps['items']; onChoose: (key: string) => void; disabled?: boolean;
}) {
  if (disabled) return <strong>{children}</strong>;
  return (
    <Dropdown trigger={['click']} menu={{ items, onClick: ({ key }) => onChoose(key), className: 'long-menu' }}>
      <button type="button" className="dotted" aria-label={label} aria-haspopup="menu">{children}</button>
    </Dropdown>
  );
}

/** A dotted-underlined word that becomes a field when clicked. Enter or leaving keeps it, Escape does not. */
export function DottedText({ label, value, shown, onKeep, disabled, editing, onEditing }: {
  label: string; value: string; shown?: ReactNode; onKeep: (text: string) => void; disabled?: boolean; editing?: boolean; onEditing?: (on: boolean) => void;
}) {
  const [own, setOwn] = useState(false);
  const [text, setText] = useState(value);
  const open = editing ?? own;
  const setOpen = onEditing ?? setOwn;
  const done = useRef(false);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (open) {
      setText(value);
      done.current = false;
      // After the value is in: what is typed replaces it.
      requestAnimationFrame(() => field.current?.select());
    }
  }, [open]);
  if (disabled) return <strong>{shown ?? value}</strong>;
  if (!open) return <button type="button" className="dotted" aria-label={label} onClick={() => setOpen(true)}>{shown ?? value}</button>;
  const keep = () => {
    if (done.current) return;
    done.current = true;
    setOpen(false);
    if (text.trim() !== value) onKeep(text);
  };
  return (
    <input ref={field} className="dotted-field" aria-label={label} autoFocus value={text} dir="auto" size={Math.max(6, Math.min(24, text.length + 1))}
      onChange={(e) => setText(e.target.value)} onBlur={keep}
      onKeyDown={(e) => {
        if (e.key === 'Enter') keep();
        if (e.key === 'Escape') { done.current = true; setOpen(false); }
        e.stopPropagation();
      }} />
  );
}
