import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
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
    <Modal open title={t`Words of ${view.name}`} onCancel={onClose} footer={null} width={760}>
      <Input
        size="large"
        autoFocus
        aria-label={t`Find a word`}
        placeholder={t`Find a word`}
        value={sought}
        onChange={(e) => setSought(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && found[0]) onGo(found[0].board, found[0].cell);
        }}
      />
      {asked ? (
        <>
          <p className={parts.quiet} role="status">
            {found.length === 0 ? t`No button shows or says “${sought.trim()}”.` : plural(found.length, { one: '# place', other: '# places' })}
          </p>
          <ul className={dialogs.places} aria-label={t`Places`}>
            {found.map((p) => (
              <li key={`${p.board} ${p.cell.row} ${p.cell.column}`}>
                <button type="button" onClick={() => onGo(p.board, p.cell)}>
                  <span className={dialogs.placePicture}>
                    <ButtonPicture layers={p.layers} />
                  </span>
                  <span>
                    <Trans>
                      <strong dir="auto">{p.label || p.says}</strong> on {p.name}, {spoken(p.cell)}
                    </Trans>
                  </span>
                  <span className={parts.quiet}>
                    {p.taps === 0 ? t`no taps lead there` : plural(p.taps, { one: '# tap', other: '# taps' })}
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
                {t`Let it say`}{' '}
                <Input value={says} onChange={(e) => setSays(e.target.value)} placeholder={t`another text`} aria-label={t`Another spoken text`} />
              </label>
              <PlainButton htmlType="submit" disabled={!says.trim()}>
                {plural(saying.length, { one: 'where # button says it', other: 'where # buttons say it' })}
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
                {t`Call it`} <Input value={by} onChange={(e) => setBy(e.target.value)} placeholder={t`another label`} aria-label={t`Another label`} />
              </label>
              <PlainButton htmlType="submit" disabled={!by.trim()}>
                {plural(exact.length, { one: 'in # place', other: 'in all # places' })}
              </PlainButton>
            </form>
          )}
        </>
      ) : (
        <section aria-label={t`Not the same everywhere`}>
          <h3>{differing.length === 0 ? t`Every word is the same wherever it stands.` : t`Not the same everywhere`}</h3>
          {differing.length > 0 && (
            <p
              className={parts.quiet}
            >{t`A click makes a word so in every place. A word that means two things, such as an animal and a meal, is best left.`}</p>
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
                        label={t`This picture for every ${d.word}`}
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
                      label={t`This kind for every ${d.word}`}
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
                      label={t`Every ${d.word} says this`}
                      onClick={() =>
                        void onEdit({
                          type: 'dress-word',
                          word: d.word,
                          says: text.toLowerCase() === d.word.toLowerCase() ? { type: 'label' } : { type: 'words', text },
                        })
                      }
                    >{t`says “${text}”`}</Settle>
                  ))}
              </span>
            </div>
          ))}
          {differing.length > 12 && <p className={parts.quiet}>{t`And ${differing.length - 12} more; settle these and they come up.`}</p>}
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
    <>{t`only “${word}”`}</>
  );
}

function Settle({ label, disabled, onClick, children }: { label: string; disabled: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <button type="button" className={dialogs.settle} title={label} aria-label={label} disabled={disabled} onClick={onClick}>
      {children}
    </button>
  );
}
