import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { sentence } from '../../api/client';
import { AboutPicture } from './AboutPicture';
import { useAsking, type Tile } from './asking';
import { AskPictures } from './AskPictures';
import { FoundPictures } from './FoundPictures';
import { GatheredWords } from './GatheredWords';
import { Outside } from './Outside';
import { PutOnBoard } from './PutOnBoard';
import { StartPictures } from './StartPictures';
import { DropPictures } from './TakeIn';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** Finding pictures: by word, by category, by sound; and what to do with them. */
export default function Pictures() {
  const navigate = useNavigate();
  const asking = useAsking();
  const { query, sound, category, spelt, asked, chosen, error } = asking;
  const [list, setList] = useState<Tile[]>([]);
  const [putting, setPutting] = useState<Tile[]>();
  const gather = (more: Tile[]) => setList((now) => [...now, ...more.filter((t) => !now.some((n) => n.picture === t.picture && n.word === t.word))]);

  return (
    <main className={`${parts.page} ${css.pictures}`} data-ready={asking.drawers ? true : undefined}>
      <div>
        <h1 className={parts.unseen}>{t`Pictures`}</h1>
        <AskPictures asking={asking} />
        {error && <p role="alert">{sentence(error)}</p>}
        {asked ? (
          <FoundPictures asking={asking} onGather={gather} />
        ) : (
          <StartPictures onCategory={asking.askCategory} drawers={asking.drawers ?? []} onPick={(p) => asking.ask(p.name)} onAsk={asking.ask} />
        )}
        {!sound && <Outside key={query} word={query} />}
        <DropPictures onTakenIn={() => void navigate('/pictures/own')} />
      </div>
      <aside className={css.picturesSide}>
        <p className={css.picturesTabs}>
          <Trans>
            <strong>The library</strong> ·
          </Trans>{' '}
          <Link to="/pictures/own">{t`Our own pictures`}</Link>
        </p>
        {chosen ? (
          <AboutPicture key={chosen.picture} id={chosen.picture} word={chosen.word} onGather={() => gather([chosen])} onPut={() => setPutting([chosen])} />
        ) : (
          <p className={parts.quiet}>{t`A picture you choose is told about here.`}</p>
        )}
        {list.length > 0 && <GatheredWords list={list} onList={setList} onPut={setPutting} />}
      </aside>
      {putting && (
        <PutOnBoard
          words={putting}
          suggested={sound ? t`Sounds${spelt ? ` ${spelt}` : ''}` : (category ?? t`New words`)}
          onClose={() => setPutting(undefined)}
        />
      )}
    </main>
  );
}
