import { Button as PlainButton, Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Intention, Kind, Layer, VocabularyView } from '../../api/types';
import { ButtonPicture } from '../../drawn/art';
import { differingWords, places } from '../../data/boards';
import { spoken } from '../../data/cells';
import { kinds } from '../../drawn/kindNames';
import dialogs from './dialogs.module.css';
import parts from '../../shell/parts.module.css';

/** Every word of the vocabulary: where it stands, with another label in all places, and the same everywhere. */
export function Words({
  view,
  mayEdit,
  onGo,
  onEdit,
  onClose,
}: {
  view: VocabularyView;
  mayEdit: boolean;
  onGo: (board: string, cell: { row: number; column: number }) => void;
  onEdit: (edit: Intention) => Promise<boolean>;
  onClose: () => void;
}) {
  const [sought, setSought] = useState('');
  const [by, setBy] = useState('');
  const [says, setSays] = useState('');
  const { data: found = [] } = useQuery(places(view.id, view.version, sought));
  const { data: differing = [] } = useQuery(differingWords(view.id, view.version));
  const saying = found.filter((p) => p.says.toLowerCase() === sought.trim().toLowerCase());
  const exact = found.filter((p) => p.exact);
  const asked = sought.trim() !== '';
  return (
    <Modal open title={`Words of ${view.name}`} onCancel={onClose} footer={null} width={760}>
      <Input
        size="large"
        autoFocus
        aria-label="Find a word"
        placeholder="Find a word"
        value={sought}
        onChange={(e) => setSought(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && found[0]) onGo(found[0].board, found[0].cell);
        }}
      />
      {asked ? (
        <>
          <p className={parts.quiet} role="status">
            {found.length === 0 ? `No button shows or says “${sought.trim()}”.` : found.length === 1 ? '1 place' : `${found.length} places`}
          </p>
          <ul className={dialogs.places} aria-label="Places">
            {found.map((p) => (
              <li key={`${p.board} ${p.cell.row} ${p.cell.column}`}>
                <button type="button" onClick={() => onGo(p.board, p.cell)}>
                  <span className={dialogs.placePicture}>
                    <ButtonPicture layers={p.layers} />
                  </span>
                  <span>
                    <strong dir="auto">{p.label || p.says}</strong> on {p.name}, {spoken(p.cell)}
                  </span>
                  <span className={parts.quiet}>
                    {p.taps === 0 ? 'no taps lead there' : p.taps === 1 ? '1 tap' : `${p.taps} taps`}
                    {p.kept && `; ${p.kept}`}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          {mayEdit && saying.length > 0 && (
            <form
              className={dialogs.replace}
              onSubmit={(e) => {
                e.preventDefault();
                void onEdit({ type: 'replace-spoken', spoken: sought, by: says }).then((done) => {
                  if (done) setSays('');
                });
              }}
            >
              <label>
                Let it say <Input value={says} onChange={(e) => setSays(e.target.value)} placeholder="another text" aria-label="Another spoken text" />
              </label>
              <PlainButton htmlType="submit" disabled={!says.trim()}>
                {saying.length === 1 ? 'where 1 button says it' : `where ${saying.length} buttons say it`}
              </PlainButton>
            </form>
          )}
          {mayEdit && exact.length > 0 && (
            <form
              className={dialogs.replace}
              onSubmit={(e) => {
                e.preventDefault();
                void onEdit({ type: 'replace-labels', label: sought, by }).then((done) => {
                  if (done) {
                    setSought(by);
                    setBy('');
                  }
                });
              }}
            >
              <label>
                Call it <Input value={by} onChange={(e) => setBy(e.target.value)} placeholder="another label" aria-label="Another label" />
              </label>
              <PlainButton htmlType="submit" disabled={!by.trim()}>
                {exact.length === 1 ? 'in 1 place' : `in all ${exact.length} places`}
              </PlainButton>
            </form>
          )}
        </>
      ) : (
        <section aria-label="Not the same everywhere">
          <h3>{differing.length === 0 ? 'Every word is the same wherever it stands.' : 'Not the same everywhere'}</h3>
          {differing.length > 0 && (
            <p className={parts.quiet}>A click makes a word so in every place. A word that means two things, such as an animal and a meal, is best left.</p>
          )}
          {differing.slice(0, 12).map((d) => (
            <div key={d.word} className={dialogs.differs}>
              <button type="button" className={parts.dotted} onClick={() => setSought(d.word)}>
                {d.word}
              </button>
              <span>
                {d.pictures.length > 1 && (
                  <>
                    {d.pictures.map((layers, i) => (
                      <Settle
                        key={i}
                        disabled={!mayEdit}
                        label={`This picture for every ${d.word}`}
                        onClick={() => void onEdit({ type: 'dress-word', word: d.word, layers })}
                      >
                        <Face layers={layers} word={d.word} />
                      </Settle>
                    ))}
                  </>
                )}
                {d.kinds.length > 1 &&
                  d.kinds.map((k) => (
                    <Settle
                      key={k}
                      disabled={!mayEdit}
                      label={`This kind for every ${d.word}`}
                      onClick={() => void onEdit({ type: 'dress-word', word: d.word, kind: k })}
                    >
                      {kindName(k)}
                    </Settle>
                  ))}
                {d.spoken.length > 1 &&
                  d.spoken.map((text) => (
                    <Settle
                      key={text}
                      disabled={!mayEdit}
                      label={`Every ${d.word} says this`}
                      onClick={() =>
                        void onEdit({
                          type: 'dress-word',
                          word: d.word,
                          says: text.toLowerCase() === d.word.toLowerCase() ? { type: 'label' } : { type: 'words', text },
                        })
                      }
                    >
                      says “{text}”
                    </Settle>
                  ))}
              </span>
            </div>
          ))}
          {differing.length > 12 && <p className={parts.quiet}>And {differing.length - 12} more; settle these and they come up.</p>}
        </section>
      )}
    </Modal>
  );
}

const kindName = (kind: Kind) => kinds.find((k) => k.kind === kind)?.sentence ?? kind;

function Face({ layers, word }: { layers: Layer[]; word: string }) {
  return layers.length > 0 ? (
    <span className={dialogs.placePicture}>
      <ButtonPicture layers={layers} />
    </span>
  ) : (
    <>only “{word}”</>
  );
}

function Settle({ label, disabled, onClick, children }: { label: string; disabled: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <button type="button" className={dialogs.settle} title={label} aria-label={label} disabled={disabled} onClick={onClick}>
      {children}
    </button>
  );
}
