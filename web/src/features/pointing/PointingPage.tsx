import { t } from '@lingui/core/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { sentence } from '../../api/client';
import type { NewTry, Rounds, Student } from '../../api/types';
import { vocabulary } from '../../data/boards';
import { keepCheck, pointing, type Asked } from '../../data/pointing';
import { student as studentQuery } from '../../data/students';
import { ArtOf, artOf } from '../../drawn/art';
import parts from '../../shell/parts.module.css';
import { Checks } from './Checks';
import { Game } from './Game';
import { Partner } from './Partner';
import { again, asked as isAsked, BEGIN, met, type Met, type Playing } from './playing';
import { Start, type How } from './Start';
import css from './pointing.module.css';

/** Usual grids, from large cells to small. */
const BEGIN_WITH = [
  [2, 3],
  [3, 4],
  [4, 6],
].map(([rows, columns]) => `${rows}x${columns}`);
const SHEETS = 9000;
const FIRST_SHEET = 1000;
const anySheet = () => FIRST_SHEET + Math.floor(Math.random() * SHEETS);

/** How small cells may be that a student hits: a check with targets, and what those before found. */
export default function PointingPage() {
  const id = useParams().student!;
  const { data: who, error } = useQuery(studentQuery(id));
  const { data: checks, error: unknown } = useQuery(pointing(id));
  const failed = error ?? unknown;
  if (failed)
    return (
      <main className={parts.lone}>
        <h1>{t`Nothing can be checked here`}</h1>
        <p role="alert">{sentence(failed)}</p>
      </main>
    );
  if (!who || !checks) return <main className={parts.page} aria-busy="true" />;
  return <Pointing who={who} checks={checks} />;
}

function Pointing({ who, checks }: { who: Student; checks: Parameters<typeof Checks>[0]['checks'] }) {
  const [how, setHow] = useState<How>(who.access.scanning ? 'SWITCH' : 'FINGER');
  const [asked, setAsked] = useState<Asked>(() => ({ grid: BEGIN_WITH, level: 80, seed: anySheet() }));
  const [rounds, setRounds] = useState<Rounds>();
  const [playing, setPlaying] = useState<Playing>(BEGIN);
  const [ending, setEnding] = useState(false);
  const [failed, setFailed] = useState('');
  const queries = useQueryClient();
  const paper = how === 'PAPER' || how === 'EYES';

  function begin(now: Rounds) {
    setFailed('');
    setPlaying(BEGIN);
    setRounds(now);
  }
  function stop() {
    setRounds(undefined);
    setEnding(false);
    setPlaying(BEGIN);
    setAsked({ ...asked, seed: anySheet() });
  }
  async function keep(tries: NewTry[], ended: boolean) {
    try {
      await keepCheck(who.id, { how, level: asked.level, ended, tries });
      await queries.invalidateQueries({ queryKey: ['pointing', who.id] });
      stop();
    } catch (error) {
      setFailed(sentence(error));
      setEnding(true);
    }
  }
  function onMet(what: Met) {
    if (!rounds || ending) return;
    const next = met(rounds.rounds, playing, what);
    setPlaying(next);
    if (!isAsked(rounds.rounds, next)) void keep(next.tries, false);
  }
  const goesOn = rounds && isAsked(rounds.rounds, playing) !== undefined;
  return (
    <Pictures student={who} vocabulary={rounds?.vocabulary ?? undefined}>
      {goesOn && !paper && !ending ? (
        <Game student={who} rounds={rounds} playing={playing} bySwitch={how === 'SWITCH'} onMet={onMet} onEnd={() => setEnding(true)} />
      ) : (
        <main className={parts.page} data-ready>
          <div className={parts.pageHead}>
            <h1>{t`What ${who.name} points at`}</h1>
            <span className={parts.grow} />
            <Link className={parts.door} to={`/students/${who.id}/sizes`}>{t`How large cells are`}</Link>
            <Link className={parts.door} to={`/students/${who.id}`}>{t`Back to ${who.name}’s page`}</Link>
          </div>
          <div className={css.both}>
            <section className={css.panel} aria-label={t`A new check`}>
              {goesOn && paper ? (
                <Partner
                  rounds={rounds}
                  playing={playing}
                  name={who.name}
                  byEyes={how === 'EYES'}
                  onMet={onMet}
                  onAgain={() => setPlaying(again(rounds.rounds, playing))}
                  onEnd={() => setEnding(true)}
                />
              ) : (
                <Start student={who} how={how} asked={asked} onHow={setHow} onAsk={setAsked} onBegin={begin} />
              )}
            </section>
            <section className={css.panel} aria-label={t`What was found`} aria-live="polite">
              <Checks student={who} checks={checks} />
            </section>
          </div>
        </main>
      )}
      {ending && (
        <Modal
          open
          title={failed ? t`It is not kept yet` : t`Break the check off?`}
          onCancel={() => (goesOn ? setEnding(false) : undefined)}
          closable={goesOn}
          footer={[
            goesOn && <Button key="on" onClick={() => setEnding(false)}>{t`Go on`}</Button>,
            <Button key="away" onClick={stop}>{t`Throw it away`}</Button>,
            playing.tries.length > 0 && (
              <Button key="keep" type="primary" onClick={() => void keep(playing.tries, goesOn === true)}>{t`Keep what there is`}</Button>
            ),
          ]}
        >
          {failed ? <p role="alert">{failed}</p> : <p>{t`${playing.tries.length} targets were pointed at until now.`}</p>}
        </Modal>
      )}
    </Pictures>
  );
}

/** Pictures as the student’s boards show them. */
function Pictures({ student, vocabulary: id, children }: { student: Student; vocabulary?: number; children: React.ReactNode }) {
  const { data: view } = useQuery({ ...vocabulary(id ?? 0), enabled: id !== undefined });
  return (
    <ArtOf art={view?.art ?? artOf(student.appearance)} vocabulary={id}>
      {children}
    </ArtOf>
  );
}
