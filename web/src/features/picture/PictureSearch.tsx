import { plural, t } from '@lingui/core/macro';
import { Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Pic } from '../../drawn/art';
import { Outside } from './Outside';
import { OwnPhoto } from './OwnPhoto';
import type { PhotoInHand } from './photoInHand';
import { found, used, type OnBoard } from '../../data/pictures';
import { picturesOf } from './TakeIn';
import chooser from '../../shell/chooser.module.css';
import parts from '../../shell/parts.module.css';

/**
 * Pictures for a word, from the library, a file, a drop, a paste, the camera and the service outside. `chosen`: those that are taken already.
 * `take`: what a button beside a photo in hand does; none where the dialog's own button takes it along.
 */
export function PictureSearch({
  word,
  photo,
  take,
  language,
  on,
  chosen,
  note,
  children,
  onChoose,
}: {
  word: string;
  photo: PhotoInHand;
  take?: string;
  language: string;
  /** The board it is for, if it is for one. */
  on?: OnBoard;
  chosen: string[];
  note?: string;
  children?: ReactNode;
  onChoose: (id: string) => void;
}) {
  const [query, setQuery] = useState(word);
  const { file, setFile, student } = photo;
  const { data, isPlaceholderData } = useQuery(found({ query, most: 60, student: student?.id, language }, on));
  const lately = useQuery(used(student?.id));
  const asked = query.trim() !== '';
  /** They are still those of the word before: nobody means one of them. */
  const stale = asked && isPlaceholderData;
  const pictures = asked ? (data?.pictures ?? []) : (lately.data?.recent ?? []);
  const own = (
    <OwnPhoto
      photo={photo}
      onTake={
        take
          ? {
              words: take,
              take: () =>
                void photo.take(query || word).then(
                  (id) => id && onChoose(id),
                  () => undefined,
                ),
            }
          : undefined
      }
    />
  );
  return (
    <div
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        setFile(picturesOf(e.dataTransfer)[0]);
      }}
      onPaste={(e) => {
        const [pasted] = picturesOf(e.clipboardData);
        if (pasted) {
          e.preventDefault();
          setFile(pasted);
        }
      }}
    >
      <Input value={query} onChange={(e) => setQuery(e.target.value)} autoFocus aria-label={t`Find a picture by its word`} size="large" />
      <p className={parts.quiet} aria-live="polite">
        {told(asked, query, pictures.length)}
        {note}
      </p>
      {children}
      {file && own}
      <ul className={chooser.pictureList} aria-busy={stale}>
        {pictures.map((p) => (
          <li key={p.id}>
            <button
              type="button"
              className={chosen.includes(p.id) ? `${chooser.picture} ${chooser.chosen}` : chooser.picture}
              disabled={stale}
              onClick={() => onChoose(p.id)}
            >
              <Pic id={p.id} collected />
              <span>{p.name}</span>
              {p.gloss && <small>{p.gloss}</small>}
              <small>{p.why}</small>
            </button>
          </li>
        ))}
      </ul>
      {!file && own}
      <Outside word={query} onKept={onChoose} />
    </div>
  );
}

function told(asked: boolean, query: string, count: number): string {
  if (!asked) return count > 0 ? t`Put on these boards last:` : t`Type a word to find pictures for it.`;
  return count === 0 ? t`No picture answers to “${query}”. Try a simpler word.` : `${plural(count, { one: '# picture', other: '# pictures' })}`;
}
