import { t } from '@lingui/core/macro';
import { Input } from 'antd';
import { useState } from 'react';
import type { WordList } from '../../api/types';
import { Pic } from '../../drawn/art';
import { accepted } from '../picture';
import { useFiles } from '../../shell/files';
import { clockTime, minutesOf } from '../../shell/time';
import css from './pages.module.css';
import parts from '../../shell/parts.module.css';

/** One page: its picture, its text, and its place. `time`: when it begins; null for after the one before, none where no clock counts. */
export function OnePage({
  word,
  place,
  rows,
  mayEdit,
  time,
  onTime,
  onText,
  onPicture,
  onOut,
  onUp,
  onDown,
}: {
  word: WordList['words'][number];
  place: number;
  rows: number;
  mayEdit: boolean;
  time?: number | null;
  onTime: (minutes?: number) => void;
  onText: (text: string) => void;
  onPicture: (file: File) => void;
  onOut: () => void;
  onUp?: () => void;
  onDown?: () => void;
}) {
  const [typed, setTyped] = useState<string>();
  const [choose, field] = useFiles(t`A photo for page ${place}`, accepted, ([file]) => onPicture(file));
  const keep = () => {
    const text = typed?.trim();
    if (text !== undefined && text !== word.text && (text || word.pictures.length > 0)) onText(text);
    setTyped(undefined);
  };
  return (
    <li className={css.page} aria-label={t`page ${place}`}>
      <span className={css.number}>{place}</span>
      {field}
      <button type="button" className={css.picture} onClick={choose} disabled={!mayEdit} aria-label={t`another photo for page ${place}`}>
        {word.pictures.map((p) => (
          <Pic key={p} id={p} />
        ))}
        {word.pictures.length === 0 && <span>{t`photo`}</span>}
      </button>
      <Input.TextArea
        aria-label={t`Text of page ${place}`}
        autoSize={{ minRows: rows, maxRows: 6 }}
        maxLength={500}
        value={typed ?? word.text}
        placeholder={t`what is said here`}
        disabled={!mayEdit}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={keep}
        onPressEnter={(e) => {
          if (e.shiftKey) return;
          e.preventDefault();
          keep();
        }}
      />
      {time !== undefined && (
        <input
          type="time"
          className={css.time}
          aria-label={t`When ${word.text} begins`}
          defaultValue={time === null ? '' : clockTime(time)}
          disabled={!mayEdit}
          onBlur={(e) => {
            const minutes = minutesOf(e.target.value);
            if (minutes !== (time ?? undefined)) onTime(minutes);
          }}
        />
      )}
      {mayEdit && (
        <span className={css.moves}>
          <button type="button" disabled={!onUp} onClick={onUp} aria-label={t`page ${place} up`}>
            ↑
          </button>
          <button type="button" disabled={!onDown} onClick={onDown} aria-label={t`page ${place} down`}>
            ↓
          </button>
          <button type="button" className={parts.dotted} onClick={onOut} aria-label={t`take page ${place} out`}>{t`take out`}</button>
        </span>
      )}
    </li>
  );
}
