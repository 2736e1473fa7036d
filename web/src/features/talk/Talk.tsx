import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../api/client';
import type { Board, Button } from '../../api/types';
import { vocabulary } from '../../data/boards';
import { may } from '../../data/may';
import { triedStep } from '../../data/plan';
import { session } from '../../data/session';
import { Scanner, USUAL_PER_MM, USUAL_TOUCHING, useTouching } from '../access';
import { PadOver } from '../pad';
import { ShownOver } from '../showing';
import { Cells } from './Cells';
import { useForms } from './forms';
import { keepDrawn } from './keepDrawn';
import { Lately } from './Lately';
import { Message } from './Message';
import { SayIt } from './SayIt';
import { ReadinessLine } from './Readiness';
import { Turns } from './Turns';
import { TriedLine, type Tried } from './TriedLine';
import { useBoards, type Boards } from './useBoards';
import { useHomeScreen } from './useHomeScreen';
import { usePack } from './usePack';
import { usePicturesAhead } from './usePicturesAhead';
import { useSaid } from './useSaid';
import { isFound, nextOn, wayTo, type Way } from './wayTo';

import { useOffers } from './useOffers';
import { Adult, WAITING_TOO, type Model } from './Adult';
import { seen } from '../../drawn/looks';
import { ArtOf } from '../../drawn/art';
import {
  begin,
  perform,
  said,
  takeOneOff,
  takesTurns,
  tap,
  tokensOf,
  withDrawn,
  wordsMade,
  wordsOf,
  type Performed,
  type TalkState,
  type Token,
} from '../../talking';
import { boardAsOfNow, useDayWords } from '../../data/dayWords';
import { forgetSaid, remember } from '../../data/saidToday';
import { forgetDays } from '../../data/dayHere';
import { hush, whenQuiet } from '../../data/voice';
import { forgetMessages, rememberMessage, saidLately } from '../../data/saidLately';
import parts from '../../shell/parts.module.css';
import css from './talk.module.css';

const NOBODY = 0;
/** After this long without a tap the student’s own view comes back by itself, and a way is shown no more. */
const MODEL_MS = 5 * 60_000;

/** The student's view, full screen and touch first. All boards are here before the first tap, so a lost network loses no word. */
export default function TalkPage() {
  const id = Number(useParams().vocabulary);
  const [search] = useSearchParams();
  const step = search.get('step');
  return step ? <TryStep key={step} id={id} step={step} start={search.get('board')} /> : <TalkNow key={id} id={id} start={search.get('board')} />;
}

function TalkNow({ id, start }: { id: number; start: string | null }) {
  const { here, newer, take, error } = useBoards(id);
  const me = useQuery(session).data?.account;
  if (error) return <NotShown error={error} />;
  if (!here) return null;
  if (!may(here.view, 'TALK'))
    return (
      <main className={parts.lone}>
        <h1>{t`These boards are yours to look at and print`}</h1>
        <p>{t`An owner of the team can let you talk with them too.`}</p>
        <p>
          <Link to={`/vocabularies/${id}`}>{t`To the boards`}</Link>
        </p>
      </main>
    );
  return (
    <ArtOf art={here.view.art} vocabulary={id}>
      <Talk
        key={id}
        view={here.view}
        boards={here.boards}
        revealed={here.revealed}
        start={start ?? here.view.home}
        account={me?.id ?? NOBODY}
        newer={newer}
        onBetween={take}
      />
    </ArtOf>
  );
}

function NotShown({ error }: { error: Error }) {
  return (
    <main className={parts.lone}>
      <h1>{t`These boards cannot be shown`}</h1>
      <p role="alert">{sentence(error)}</p>
      <p>
        <Link to="/caseload">{t`Back to the caseload`}</Link>
      </p>
    </main>
  );
}

const nothingNewer = () => undefined;

/** The boards as they would be at a step of the plan, to be tried. */
function TryStep({ id, step, start }: { id: number; step: string; start: string | null }) {
  const { data: view, error } = useQuery(vocabulary(id));
  const { data: tried, error: notTried } = useQuery({ ...triedStep(id, view?.version ?? 0, step), enabled: view !== undefined });
  const failed = error ?? notTried;
  if (failed) return <NotShown error={failed} />;
  if (!view || !tried) return null;
  return (
    <ArtOf art={view.art} vocabulary={id}>
      <Talk
        view={view}
        boards={tried.boards}
        revealed={tried.revealed}
        start={start ?? view.home}
        account={NOBODY}
        tried={{ number: tried.number, name: tried.name }}
        onBetween={nothingNewer}
      />
    </ArtOf>
  );
}

/** Words of a message that have no button, once each, longer than a letter. */
function speltOf(message: Token[], boards: Board[]): string[] {
  const known = new Set(boards.flatMap((b) => b.buttons.map((button) => wordsOf(button).toLowerCase())));
  const words = message.filter((token) => token.spelled !== undefined && /^[\p{L}’'-]{2,}$/u.test(token.text) && !known.has(token.text.toLowerCase()));
  return [...new Set(words.map((token) => token.text))];
}

const textOf = (message: Token[]) =>
  message
    .map((token) => token.text)
    .filter(Boolean)
    .join(' ');

const toTouch = ({ word }: Way, next: Button) => (next.label === word ? t`Here is “${word}”.` : t`To “${word}”: touch “${next.label}”.`);

interface Props extends Boards {
  /** The board it begins with. */
  start: string;
  /** Who is signed in. */
  account: number;
  /** Boards of a later version, to be taken on between two messages. */
  newer?: Boards;
  onBetween: (newer: Boards) => void;
  /** A step of the plan that is tried: nothing of it is kept. */
  tried?: Tried;
}

function Talk({ view, boards, revealed: { kept, leadsNowhereYet }, start, account, newer, onBetween, tried }: Props) {
  const [model, setModel] = useState<Model>('as the student sees');
  const byId = useMemo(() => new Map(boards.map((b) => [b.id, b])), [boards]);
  const [state, setState] = useState<TalkState>(() => begin(byId.has(start) ? start : view.home));
  const navigate = useNavigate();
  /** Whose coming was told of, until the next touch. */
  const [told, setTold] = useState(view.version);
  const [saying, setSaying] = useState('');
  const [notice, setNotice] = useState('');
  const [pad, setPad] = useState<Button>();
  const [list, setList] = useState<number>();
  const [theirs, setTheirs] = useState(true);
  const [lit, setLit] = useState<number>();
  const [way, setWay] = useState<Way>();
  const days = useDayWords(view.id, boards);
  const here = byId.get(state.board) ?? byId.get(view.home)!;
  const next = way && nextOn(way, here);
  usePicturesAhead(here, byId, view.art, view.id);
  useHomeScreen(view.id);
  const board = useMemo(() => boardAsOfNow(here, days), [here, days]);
  const { offered, met } = useOffers(view, boards, kept, here, state.message);
  const known = { forms: useForms(view, boards, met), name: view.student?.name, offered };

  useEffect(() => {
    if (model === 'as the student sees' && !way) return undefined;
    const end = setTimeout(() => {
      setModel('as the student sees');
      setWay(undefined);
    }, MODEL_MS);
    return () => clearTimeout(end);
  }, [model, way, state]);
  usePack(view.id, account, !tried);
  const gathering = useSaid(view, account, !tried);
  const between = state.message.length === 0;
  useEffect(() => {
    if (!between || !newer) return undefined;
    let still = true;
    // What is said without a message is said to its end, too.
    void whenQuiet().then(() => still && onBetween(newer));
    return () => {
      still = false;
    };
  }, [between, newer, onBetween]);
  useEffect(() => hush, []);
  useEffect(() => {
    forgetSaid();
    forgetDays();
    forgetMessages();
  }, []);

  function performAll(performed: Performed[], button?: Button, onWord?: (piece: number, place: number) => void): Promise<void> {
    setNotice('');
    const onPad = () => setPad(button);
    let piece = -1;
    return perform(performed, {
      onWord: onWord && ((place) => onWord(piece, place)),
      onPiece: () => onWord?.(++piece, 0),
      vocabulary: view.id,
      locale: view.locale,
      voice: view.student?.voice,
      onSaying: setSaying,
      onPad,
      onShow: setList,
      onNextTurn: () => setTheirs((now) => !now),
    }).catch((error: unknown) => setNotice(sentence(error)));
  }

  function change(message: Token[]) {
    gathering.words(wordsMade(state.message, message));
    setState({ ...state, message });
  }

  /** The whole message, word by word. */
  async function sayMessage(message: Token[]): Promise<void> {
    setTold(view.version);
    if (!tried) rememberMessage(view.id, message);
    gathering.message(textOf(message));
    const whose = tokensOf(message);
    await performAll(said(message), undefined, (piece, place) => setLit(whose[piece]?.[place]));
    setLit(undefined);
  }

  /** Lights what is to be touched, one cell after the other, until the word is. What waits is seen meanwhile. */
  function showWay(on: Board, word: Button) {
    const found = wayTo(view, byId, on, word);
    setWay(found);
    if (found?.touches.some((touch) => kept[touch.button])) setModel(WAITING_TOO);
  }

  function press(button: Button) {
    setTold(view.version);
    if (way && isFound(way, button)) setWay(undefined);
    const still = model === 'as the student sees' && leadsNowhereYet.includes(button.id);
    const tapped = tap(state, still ? { ...button, leads: { type: 'stays' } } : button, byId, view.home, known);
    setState(tapped.state);
    if (!tried && tapped.state.message.length > state.message.length) remember(view.id, button.id);
    gathering.words(wordsMade(state.message, tapped.state.message));
    void performAll(tapped.performed, button);
    if (button.doings.some((d) => d.type === 'say-message')) {
      if (!tried) rememberMessage(view.id, tapped.state.message);
      gathering.message(textOf(tapped.state.message));
    }
    if (tapped.nowhere) setNotice(t`“${button.label}” leads nowhere yet.`);
    if (tapped.elsewhere) void navigate(`/vocabularies/${tapped.elsewhere}/talk`);
  }

  const spelt = useMemo(() => speltOf(state.message, boards), [state.message, boards]);
  const student = view.student;
  const padOf = (button: Button) => ({
    vocabulary: view.id,
    button: button.id,
    label: button.label,
    onSay: (picture: string) => setState((now) => ({ ...now, message: withDrawn(now.message, picture) })),
    onKeep:
      student && !tried && may(view, 'CHANGE')
        ? (drawing: HTMLCanvasElement) => keepDrawn(drawing, button.label, student.id, { account, vocabulary: view.id })
        : undefined,
  });

  const { margin, message } = view.layout;
  const { gap } = seen(view, board.look, {});
  const shares = { '--margin': margin, '--gap': gap / 1000, '--message': message } as React.CSSProperties;
  const root = useRef<HTMLElement>(null);
  const wide = student?.screen.width;
  const perMm = useCallback(() => (wide === undefined ? USUAL_PER_MM : window.innerWidth / (wide / 1000)), [wide]);
  useTouching(root, student?.access.touching ?? USUAL_TOUCHING, { perMm });
  const scanning = student?.access.scanning;
  return (
    <main className={css.talk} style={shares} ref={root} data-ready>
      <h1 className={parts.unseen}>{view.student ? t`${view.student.name} talks` : view.name}</h1>
      {tried ? <TriedLine vocabulary={view.id} tried={tried} /> : <ReadinessLine />}
      <div className={css.messageRow}>
        <div className={css.messageBox}>
          <Message
            message={state.message}
            lit={lit}
            onSay={(token) => void performAll(said([token]))}
            onOut={(place) => setState({ ...state, message: state.message.filter((_, i) => i !== place) })}
          />
          {state.message.length === 0 && (
            <Lately
              messages={saidLately(view.id)}
              onSay={(again) => {
                setState({ ...state, message: again });
                void sayMessage(again);
              }}
            />
          )}
          <p className={css.saying} role="status" aria-live="polite">
            <span>{notice || (way && next && toTouch(way, next)) || (told === view.version ? saying : t`These are the boards as they are now.`)}</span>
          </p>
          {student && takesTurns(boards) && <Turns student={student.name} theirs={theirs} />}
          <Adult
            view={view}
            boards={boards}
            kept={kept}
            model={model}
            onModel={setModel}
            board={state.board}
            spelt={spelt}
            way={way?.word}
            onWay={showWay}
            onEndWay={() => setWay(undefined)}
          />
        </div>
        <SayIt disabled={state.message.length === 0} onSay={() => sayMessage(state.message)} />
        <button
          type="button"
          className={css.quietKey}
          data-stop="take one off"
          disabled={state.message.length === 0}
          onClick={() => change(takeOneOff(state.message))}
        >{t`take one off`}</button>
        <button
          type="button"
          className={css.quietKey}
          data-stop="clear"
          disabled={state.message.length === 0}
          onClick={() => {
            change([]);
            setSaying('');
          }}
        >{t`clear`}</button>
        {scanning && (
          <button
            type="button"
            className={css.quietKey}
            data-stop="home"
            disabled={state.board === view.home}
            onClick={() => setState({ ...state, board: view.home, trail: [], once: undefined })}
          >{t`home`}</button>
        )}
      </div>
      <Cells view={view} board={board} kept={kept} model={model} message={state.message} known={known} padOf={padOf} onPress={press} next={next?.id}>
        {list !== undefined && <ShownOver list={list} vocabulary={view.id} onLeave={() => setList(undefined)} />}
        {pad && <PadOver key={pad.id} {...padOf(pad)} onLeave={() => setPad(undefined)} byDot={!!scanning} />}
      </Cells>
      {scanning && <Scanner scanning={scanning} root={root} locale={view.locale} voice={student.voice} />}
    </main>
  );
}
