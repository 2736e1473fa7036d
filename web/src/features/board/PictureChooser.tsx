import { Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { found, pictureAddress } from '../picture/pictures';

/** Another picture for a button: begins with the button's own word. */
export function PictureChooser({ word, current, vocabulary, onChoose, onClose }: {
  word: string; current?: string; vocabulary: number; onChoose: (picture: string | undefined) => void; onClose: () => void;
}) {
  const [query, setQuery] = useState(word);
  const { data } = useQuery({ ...found(query, 40), placeholderData: (before) => before });
  const pictures = query.trim() ? (data?.pictures ?? []) : [];
  return (
    <Modal open title="Another picture" onCancel={onClose} footer={null} width={640}>
      <Input value={query} onChange={(e) => setQuery(e.target.value)} autoFocus aria-label="Find a picture by its word" size="large" />
      <p className="quiet" aria-live="polite">
        {query.trim() === '' ? 'Type a word to find pictures for it.' : pictures.length === 0 ? `No picture answers to “${query}”. Try a simpler word.` : `${pictures.length} ${pictures.length === 1 ? 'picture' : 'pictures'}`}
      </p>
      <ul className="picture-list">
        {pictures.map((p) => (
          <li key={p.id}>
            <button type="button" className={p.id === current ? 'picture chosen' : 'picture'} onClick={() => onChoose(p.id)}>
              <img src={pictureAddress(p.id, vocabulary)} alt="" loading="lazy" />
              <span>{p.name}</span><small>{p.why}</small>
            </button>
          </li>
        ))}
      </ul>
      {current && <button type="button" className="dotted" onClick={() => onChoose(undefined)}>no picture, the word alone</button>}
    </Modal>
  );
}
