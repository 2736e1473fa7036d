import { t } from '@lingui/core/macro';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Board, Button, Revealed, VocabularyView } from '../../api/types';
import { may } from '../../data/may';
import { whyKept } from '../../data/plan';
import { spoken } from '../../data/cells';
import { AboutReadiness } from './Readiness';
import { Spelt } from './Spelt';
import { Held } from '../../shell/Held';
import css from './talk.module.css';

const FOUND = 6;

/** What whoever models sees: the student’s view, or for a while also what waits. */
export type Model = 'as the student sees' | 'everything' | 'waiting words faint';
const MODELS: Model[] = ['as the student sees', 'everything', 'waiting words faint'];
/** So that what waits can be touched on a way that is shown. */
export const WAITING_TOO = MODELS[2];

const named = (model: Model) =>
  ({ 'as the student sees': t`as the student sees`, everything: t`everything`, 'waiting words faint': t`waiting words faint` })[model];

interface Props {
  view: VocabularyView;
  boards: Board[];
  kept: Revealed['kept'];
  model: Model;
  onModel: (model: Model) => void;
  board: string;
  /** Words that were spelt and stand on no board. */
  spelt: string[];
  /** Shows the way to a word. */
  onWay: (board: Board, button: Button) => void;
  /** The word to which the way is shown. */
  way?: string;
  onEndWay: () => void;
}

/** The doors for whoever helps: held for a moment by touch so that no student opens one by accident, pressed at once by keyboard. */
export function Adult({ view, boards, kept, model, onModel, board, spelt, onWay, way, onEndWay }: Props) {
  const navigate = useNavigate();
  const [open, setOpen] = useState(false);
  const back = (useLocation().state as { back?: string } | null)?.back;
  const leave = () => void navigate(back ?? (may(view, 'LOOK') ? `/vocabularies/${view.id}/boards/${encodeURIComponent(board)}` : '/caseload'));
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      // A book over the board is left first.
      if (e.key !== 'Escape' || document.querySelector('[data-over]')) return;
      if (open) setOpen(false);
      else leave();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  });
  return (
    <>
      <Held className={css.leave} label={t`Leave talking: hold, or press Escape`} title={t`Hold to leave`} leaves onHeld={leave}>{t`hold to leave`}</Held>
      <Held className={css.leave} label={t`For who models: hold, or press Enter`} title={t`Hold to show more`} onHeld={() => setOpen(true)}>
        {model === 'as the student sees' ? t`hold to model` : t`modelling: ${named(model)}`}
      </Held>
      {open && (
        <Panel
          view={view}
          boards={boards}
          kept={kept}
          model={model}
          spelt={spelt}
          onModel={(chosen) => {
            onModel(chosen);
            setOpen(false);
          }}
          onWay={(on, button) => {
            onWay(on, button);
            setOpen(false);
          }}
          way={way}
          onEndWay={() => {
            onEndWay();
            setOpen(false);
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}

/** What is shown while somebody models, and where a word is that is not to be seen. */
function Panel({ view, boards, kept, model, spelt, onModel, onWay, way, onEndWay, onClose }: Omit<Props, 'board'> & { onClose: () => void }) {
  const [sought, setSought] = useState('');
  const found = sought.trim() ? places(boards, sought.trim().toLowerCase()) : [];
  return (
    <div className={css.adult} data-adult role="dialog" aria-label={t`For who models`}>
      <p>{t`Show, until five minutes pass without a tap`}</p>
      <div role="group" aria-label={t`What is shown`}>
        {MODELS.map((m) => (
          <button key={m} type="button" className={css.quietKey} aria-pressed={m === model} onClick={() => onModel(m)}>
            {named(m)}
          </button>
        ))}
      </div>
      {way !== undefined && <button type="button" className={css.quietKey} onClick={onEndWay}>{t`no longer show the way to “${way}”`}</button>}
      <label>
        {t`Where is a word?`}{' '}
        <input
          autoFocus
          value={sought}
          onChange={(e) => setSought(e.target.value)}
          onKeyDown={(e) => {
            const first = found.find(({ board }) => view.boards.some((b) => b.id === board.id && b.route));
            if (e.key === 'Enter' && first) onWay(first.board, first.button);
          }}
          dir="auto"
        />
      </label>
      <div role="status">
        <ul>
          {found.slice(0, FOUND).map(({ board, button }) => (
            <li key={button.id}>
              <strong>{button.label}</strong>: {board.name}, {spoken(button.cell)}; {whyKept(view.plan, button, kept[button.id]) ?? t`shown`}{' '}
              {view.boards.some((b) => b.id === board.id && b.route) && (
                <button
                  type="button"
                  className={css.quietKey}
                  aria-label={t`Show the way to ${button.label} on ${board.name}`}
                  onClick={() => onWay(board, button)}
                >
                  {t`show the way`}
                </button>
              )}
            </li>
          ))}
          {sought.trim() && found.length === 0 && <li>{t`“${sought.trim()}” is on no board.`}</li>}
        </ul>
      </div>
      <AboutReadiness />
      {may(view, 'CHANGE') && <Spelt view={view} words={spelt} />}
      <button type="button" className={css.quietKey} onClick={onClose}>{t`close`}</button>
    </div>
  );
}

function places(boards: Board[], sought: string) {
  const all = boards.flatMap((board) => board.buttons.filter((b) => b.label.toLowerCase().includes(sought)).map((button) => ({ board, button })));
  return all.sort((a, b) => Number(b.button.label.toLowerCase() === sought) - Number(a.button.label.toLowerCase() === sought));
}
