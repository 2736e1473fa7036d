import { t } from '@lingui/core/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { sentence } from '../../api/client';
import type { Bringing, Cell, VocabularyView } from '../../api/types';
import { arrival, source } from '../../data/arrivals';
import { useEdits } from '../edit';
import { Comes } from './Comes';
import { bringing, NOTHING, type Choice } from './choice';
import { Which } from './Which';
import css from './arrival.module.css';

const NONE: Bringing = { base: 0, from: 0, boards: [], withAll: true, where: { board: '', name: '' } };

interface Begun {
  board: string;
  at?: Cell;
  boards: string[];
  carried?: Bringing['carried'];
}

/** The boards of one vocabulary to choose from, and beside them what comes of the choice. */
export function FromOne({ view, from, begun }: { view: VocabularyView; from: number; begun: Begun }) {
  const there = useQuery(source(view.id, from));
  const [choice, setChoice] = useState<Choice>({ ...NOTHING, boards: begun.boards, carried: begun.carried, withAll: !begun.carried });
  const [onto, setOnto] = useState<{ board: string; at?: Cell }>({ board: begun.board, at: begun.at });
  const asked = choice.boards.length > 0 || choice.carried ? bringing(choice, from, view.version, onto) : undefined;
  const comes = useQuery({ ...arrival(view.id, asked ?? NONE), enabled: asked !== undefined });
  const { make, asking } = useEdits(view.id);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const queries = useQueryClient();
  async function bring(wanted: Bringing) {
    setBusy(true);
    const made = await make({ what: 'bring boards', base: wanted.base, bringing: wanted });
    setBusy(false);
    if (!made) void queries.invalidateQueries({ queryKey: ['arrivals', view.id] });
    else void navigate(`/vocabularies/${view.id}/boards/${encodeURIComponent(onto.board)}`);
  }
  if (there.error) return <p role="alert">{sentence(there.error)}</p>;
  if (!there.data) return <div aria-busy="true" />;
  return (
    <div className={css.both}>
      <Which there={there.data} choice={choice} comes={asked && comes.data} onChoose={setChoice} />
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
            onBring={() => void bring({ ...asked, seen: comes.data.version })}
          />
        )}
      </section>
      {asking}
    </div>
  );
}
