import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Bringing, Cell, SourceView, VocabularyView } from '../../api/types';
import { arrival, source } from '../../data/arrivals';
import { Comes } from './Comes';
import { bringing, NOTHING, type Choice } from './choice';
import { useBringing } from './useBringing';
import { Which } from './Which';
import css from './arrival.module.css';

const NONE: Bringing = { base: 0, from: 0, boards: [], withAll: true, where: { board: '', name: '' } };

interface Begun {
  board: string;
  at?: Cell;
  boards: string[];
  carried?: Bringing['carried'];
}

interface From {
  view: VocabularyView;
  from: number;
  begun: Begun;
}

/** The boards of one vocabulary to choose from, and beside them what comes of the choice. @param all true of a bundle: all of it is meant at first */
export function FromOne({ all, ...from }: From & { all: boolean }) {
  const there = useQuery(source(from.view.id, from.from));
  if (there.error) return <p role="alert">{sentence(there.error)}</p>;
  if (!there.data) return <div aria-busy="true" />;
  const boards = all && from.begun.boards.length === 0 ? there.data.boards.map((b) => b.board) : from.begun.boards;
  return <Choosing {...from} begun={{ ...from.begun, boards }} there={there.data} />;
}

function Choosing({ view, from, begun, there }: From & { there: SourceView }) {
  const [choice, setChoice] = useState<Choice>({ ...NOTHING, boards: begun.boards, carried: begun.carried, withAll: !begun.carried });
  const [onto, setOnto] = useState<{ board: string; at?: Cell }>({ board: begun.board, at: begun.at });
  const asked = choice.boards.length > 0 || choice.carried ? bringing(choice, from, view.version, onto) : undefined;
  const comes = useQuery({ ...arrival(view.id, asked ?? NONE), enabled: asked !== undefined });
  const { bring, busy, shown } = useBringing(view.id, () => onto.board);
  return (
    <div className={css.both}>
      <Which there={there} choice={choice} comes={asked && comes.data} onChoose={setChoice} />
      <section className={css.comes} aria-label={t`What comes`} aria-busy={comes.isFetching}>
        {!asked && <p className={css.before}>{t`Choose boards: here stands what comes with them, what is here already, and what would lead nowhere.`}</p>}
        {asked && comes.error && <p role="alert">{sentence(comes.error)}</p>}
        {asked && comes.data && (
          <Comes
            view={view}
            comes={comes.data}
            choice={choice}
            bringing={asked}
            busy={busy}
            onChoose={setChoice}
            onOnto={setOnto}
            onBring={() => void bring({ ...asked, seen: comes.data.version }, comes.data.boards.filter((b) => b.comes).length)}
          />
        )}
      </section>
      {shown}
    </div>
  );
}
