import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button as PlainButton } from 'antd';
import { useContext, useState, type ReactNode } from 'react';
import type { Board, BoardLine, Button, Intention, VocabularyView } from '../../api/types';
import { useQuery } from '@tanstack/react-query';
import { ButtonPicture, Pic } from '../../drawn/art';
import { whole } from '../../drawn/layers';
import { found } from '../../data/pictures';
import { revealed, whyKept } from '../../data/plan';
import { perform, saidAndDone } from '../../talking';
import type { Doing } from './bench';
import { sentence } from '../../api/client';
import { leadsWhere, opensABoard, taps } from './buttonWords';
import { DottedText } from '../../shell/Dotted';
import { spoken } from '../../data/cells';
import { kinds } from '../../drawn/kindNames';
import { KindMark } from '../../drawn/kinds';
import { RecordDialog } from '../recording';
import { KindChoice } from './KindChoice';
import { LeadsChooser } from './LeadsChooser';
import { ChooseMore } from './ChooseMore';
import { ShapeMenu } from './ShapeMenu';
import { PictureChooser } from './PictureChooser';
import { HowChooser, SaysChooser } from './WhatItSays';
import { WhatItDoes } from './WhatItDoes';
import { asOfNow, DayWords } from '../../data/dayWords';
import { DayWordMissing } from './DayWordMissing';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

interface Props {
  button: Button;
  board: Board;
  line: BoardLine;
  view: VocabularyView;
  mayEdit: boolean;
  doing: Doing;
  onDoing: (what: Doing['what']) => void;
  /** `base`: the version of what the person saw when the change was begun. */
  onChange: (intention: Intention, base: number) => void;
  onNewBoard: (name: string, button: Button) => void;
  onOpen: (button: Button) => void;
  onTakeOff: (button: Button) => void;
  /** The board it opens is to be shown by walking there. */
  onWalk: (button: Button) => void;
  /** Takes the button in hand, to be put elsewhere. */
  onCarry: (button: Button) => void;
  /** Shows what would change place, then does it. */
  onTry: (intention: Intention) => void;
  onLook: () => void;
  onChooseMore: (ids: string[]) => void;
  /** What it could grow into, or that it has grown. */
  growth: ReactNode;
}

/** The panel that shows, as sentences, what a button does, and changes it: the dotted words are the controls. */
export function ButtonSentence({
  button,
  board,
  line,
  view,
  mayEdit,
  doing,
  onDoing,
  onChange,
  onNewBoard,
  onOpen,
  onTakeOff,
  onWalk,
  onCarry,
  onTry,
  onLook,
  onChooseMore,
  growth,
}: Props) {
  const [wording, setWording] = useState(false);
  const [relabel, setRelabel] = useState('');
  const [recording, setRecording] = useState(false);
  const [notHeard, setNotHeard] = useState('');
  const renaming = doing.what === 'renaming' && relabel.trim() !== '' && relabel.trim() !== button.label;
  const here = { vocabulary: view.id, version: view.version, board: line.id };
  const pictures = useQuery({ ...found({ query: relabel, most: 1, language: view.locale }, here), enabled: renaming });
  const [first] = renaming && !pictures.isPlaceholderData ? (pictures.data?.pictures ?? []) : [];
  const offered = first?.sure && !button.layers.some((l) => l.picture === first.id) ? first : undefined;
  const on = { board: line.id, button: button.id };
  const { data: shown } = useQuery({ ...revealed(view.id, view.version), enabled: view.plan.steps.length > 0 || view.counts.shown < view.counts.words });
  const why = shown && whyKept(view.plan, button, shown.kept[button.id]);
  // While a label, words or a picture are being chosen, what counts is what was shown when that began.
  const [since, setSince] = useState(view.version);
  const choosing = wording || recording || doing.what === 'renaming' || doing.what === 'choosing a picture';
  if (!choosing && since !== view.version) setSince(view.version);
  const give = (made: Intention) => onChange(made, since);
  const kind = kinds.find((k) => k.kind === button.kind);
  const now = asOfNow(button, useContext(DayWords));
  const heard = saidAndDone(now, []).performed;
  return (
    <section aria-label={t`Button sentence`} className={bench.buttonSentence}>
      <div className={bench.buttonHead}>
        <span className={bench.buttonPicture}>{now.layers.length > 0 ? <ButtonPicture layers={now.layers} /> : <span dir="auto">{now.label}</span>}</span>
        <div>
          <h2 dir="auto">{now.label || t`A picture`}</h2>
          <p className={parts.quiet}>{spoken(button.cell)}</p>
          {mayEdit && <button type="button" className={parts.dotted} onClick={() => onDoing('choosing a picture')}>{t`another picture`}</button>}
        </div>
      </div>
      <p>
        <Trans>
          This button <strong>shows</strong> {now !== button && t`${now.label} and is called`}{' '}
          <DottedText
            label={t`Change the label`}
            value={button.label}
            shown={button.label || t`no label`}
            disabled={!mayEdit}
            editing={doing.what === 'renaming'}
            onEditing={(open) => onDoing(open ? 'renaming' : 'resting')}
            onText={setRelabel}
            onKeepWith={
              offered
                ? (label) =>
                    give({
                      type: 'several',
                      intentions: [
                        { type: 'give-label', ...on, label },
                        { type: 'give-picture', ...on, layers: [whole(offered.id)] },
                      ],
                    })
                : undefined
            }
            onKeep={(label) => give({ type: 'give-label', ...on, label })}
          />
        </Trans>
      </p>
      {button.says.type === 'of-day' && <DayWordMissing day={button.says.day} said={now !== button} student={view.student} mayEdit={mayEdit} />}
      {offered && (
        <p className={bench.labelOffer} role="status">
          <Pic id={offered.id} collected />{' '}
          <span>
            <Trans>
              Enter keeps the picture it has; <strong>Shift Enter</strong> takes this one of “{offered.name}”.
            </Trans>
          </span>
        </p>
      )}
      <WhatItDoes
        button={button}
        disabled={!mayEdit}
        onEditing={setWording}
        onGive={(doings) => give({ type: 'give-doings', ...on, doings })}
        hearing={
          heard.length > 0 && (
            <>
              <button
                type="button"
                className={bench.hear}
                onClick={() =>
                  void perform(heard, { vocabulary: view.id, locale: view.locale, voice: view.student?.voice }).catch((error: unknown) =>
                    setNotHeard(sentence(error)),
                  )
                }
              >{t`▶ hear it`}</button>{' '}
              {notHeard && <span role="alert">{notHeard}</span>}
            </>
          )
        }
        saying={
          <>
            <Trans>
              and <strong>says</strong>{' '}
              <SaysChooser
                button={button}
                view={view}
                disabled={!mayEdit}
                onOpening={setWording}
                onChoose={(says) => give({ type: 'give-words', ...on, says })}
                onRecord={() => setRecording(true)}
                onSound={(sound) => give({ type: 'give-sound', ...on, sound })}
              />
            </Trans>{' '}
            <HowChooser button={button} disabled={!mayEdit} onEditing={setWording} onGive={(how) => give({ type: 'give-how', ...on, how })} />
          </>
        }
      />
      <p>
        <Trans>
          Then it{' '}
          <LeadsChooser
            shown={leadsWhere(button, view)}
            button={button}
            line={line}
            view={view}
            disabled={!mayEdit}
            onChoose={(chosen) => {
              if (chosen.what === 'new') onNewBoard(chosen.name, button);
              else if (chosen.what === 'walk') onWalk(button);
              else give({ type: 'lead-to', ...on, leads: chosen.leads });
            }}
          />
          .
        </Trans>
      </p>
      <p>
        <Trans>
          It is{' '}
          <KindChoice
            label={t`Change the kind`}
            called="sentence"
            none={t`no word`}
            disabled={!mayEdit}
            onChoose={(kind) => give({ type: 'give-kind', ...on, kind })}
          >
            {kind?.sentence ?? t`no word`}
          </KindChoice>{' '}
          {button.kind && <KindMark kind={button.kind} />}
        </Trans>
      </p>
      {mayEdit && (
        <p>
          <ShapeMenu board={board} cell={button.cell} button={button} onTry={onTry} />{' '}
          <button type="button" className={parts.dotted} onClick={onLook}>{t`How it looks`}</button>
        </p>
      )}
      {button.left && (
        <p>
          {t`No longer here since ${button.left}; hidden, its place kept.`}
          {mayEdit && (
            <>
              {' '}
              <button type="button" className={parts.dotted} onClick={() => give({ type: 'person-left', ...on })}>{t`here again`}</button>
            </>
          )}
        </p>
      )}
      <hr />
      {why && !button.left && (
        <p className={bench.factNote} role="status">
          {t`${view.student?.name ?? t`The student`} does not see it: ${why}.`}
        </p>
      )}
      <p className={bench.fact}>
        <strong>{taps(line)}</strong>
      </p>
      {mayEdit && growth}
      <div className={parts.sentenceButtons}>
        {opensABoard(button, view) && <PlainButton onClick={() => onOpen(button)}>{t`Go to that board`}</PlainButton>}
        {mayEdit && <PlainButton onClick={() => onCarry(button)}>{t`Move it`}</PlainButton>}
        {mayEdit && <PlainButton onClick={() => onTakeOff(button)}>{t`Take off`}</PlainButton>}
        {mayEdit && button.kind === 'who' && !button.left && (
          <PlainButton onClick={() => give({ type: 'person-left', ...on, year: new Date().getFullYear() })}>{t`No longer here`}</PlainButton>
        )}
      </div>
      {mayEdit && board.buttons.length > 1 && (
        <p className={bench.below}>
          <ChooseMore board={board} button={button} onChoose={onChooseMore} />
        </p>
      )}
      {recording && (
        <RecordDialog
          button={button}
          view={view}
          onClose={() => setRecording(false)}
          onKeep={(sound) => {
            setRecording(false);
            give({ type: 'give-sound', ...on, sound });
          }}
        />
      )}
      {doing.what === 'choosing a picture' && (
        <PictureChooser
          button={button}
          student={view.student}
          language={view.locale}
          on={here}
          onClose={() => onDoing('resting')}
          onKeep={(layers, everywhere) => {
            onDoing('resting');
            give(everywhere ? { type: 'dress-word', word: button.label, layers } : { type: 'give-picture', ...on, layers });
          }}
        />
      )}
    </section>
  );
}
