import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { PassageLine, VocabularyView } from '../../api/types';
import { DottedChoice } from '../../shell/Dotted';
import { useEdits } from '../edit';
import { titleOf, typedAs, withRoom } from './lines';
import css from './passage.module.css';

interface Props {
  view: VocabularyView;
  from?: string;
  texts: string[];
  lines: PassageLine[];
  mayEdit: boolean;
}

/** The words that are on no board, those written most first; one press puts them on a new one. */
export function Missing({ view, from, texts, lines, mayEdit }: Props) {
  const [without, setWithout] = useState<string[]>([]);
  if (lines.length === 0) return <p>{t`No word is missing.`}</p>;
  const wanted = lines.filter((l) => !without.includes(l.word));
  return (
    <>
      <h3>{plural(lines.length, { one: '# word is on no board', other: '# words are on no board' })}</h3>
      <div className={css.words}>
        {lines.map((l) =>
          mayEdit ? (
            <Checkbox
              key={l.word}
              checked={!without.includes(l.word)}
              onChange={() => setWithout(without.includes(l.word) ? without.filter((w) => w !== l.word) : [...without, l.word])}
            >
              <Word line={l} />
            </Checkbox>
          ) : (
            <span key={l.word}>
              <Word line={l} />
            </span>
          ),
        )}
      </div>
      {mayEdit && <OntoNewBoard key={view.id} view={view} from={from} title={titleOf(texts)} words={wanted.map((l) => l.word)} />}
    </>
  );
}

const Word = ({ line: { word, times } }: { line: PassageLine }) => (
  <>
    <strong>{word}</strong> {times > 1 && <small>{t`${times} times`}</small>}
  </>
);

function OntoNewBoard({ view, from, title, words }: { view: VocabularyView; from?: string; title: string; words: string[] }) {
  const [typed, setName] = useState<string>();
  const [chosen, setOpener] = useState<string>();
  const [busy, setBusy] = useState(false);
  const { make, asking } = useEdits(view.id);
  const navigate = useNavigate();
  const rooms = withRoom(view.boards, from, view.home);
  const opener = rooms.find((b) => b.id === chosen) ?? rooms[0];
  const name = typed ?? title;
  if (!opener) return <p>{t`No board has a free cell for the way to a new one. Make room first: “another grid” shows how.`}</p>;
  async function put() {
    setBusy(true);
    const changed = await make({ what: 'words', base: view.version, board: opener.id, text: typedAs(words), onNewBoard: name, fillOn: true });
    setBusy(false);
    const made = changed?.boards.find((b) => changed.added.includes(b.id));
    if (made) void navigate(`/vocabularies/${view.id}/boards/${encodeURIComponent(made.id)}`);
  }
  const field = <Input aria-label={t`Name of the new board`} value={name} maxLength={80} onChange={(e) => setName(e.target.value)} />;
  return (
    <p className={css.onto}>
      <Trans>
        On a new board called {field}, opened from{' '}
        <DottedChoice label={t`Opened from`} items={rooms.map((b) => ({ key: b.id, label: b.name }))} onChoose={setOpener}>
          {opener.name}
        </DottedChoice>
      </Trans>{' '}
      <Button type="primary" disabled={busy || words.length === 0 || !name.trim()} loading={busy} onClick={() => void put()}>
        {plural(words.length, { one: 'Put # word there', other: 'Put # words there' })}
      </Button>
      {asking}
    </p>
  );
}
