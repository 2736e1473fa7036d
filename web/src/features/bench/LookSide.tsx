import { t } from '@lingui/core/macro';
import { Button as PlainButton, Dropdown, Segmented, Switch } from 'antd';
import { useState } from 'react';
import type { Board, Button, Intention, Look, VocabularyView } from '../../api/types';
import { papers, seen, type Looks } from '../../drawn/looks';
import { CopyOnto } from './CopyOnto';
import { nameOf, Row, Choice, Swatches, EDGES, WHITE } from './LookControls';
import { KindPapers } from './KindPapers';
import looks from './looks.module.css';
import parts from '../../shell/parts.module.css';

type Aspect = Extract<Intention, { type: 'give-look' }>['usual'] extends (infer A)[] | undefined ? A : never;

export type Level = 'buttons' | 'board' | 'all';

/** How buttons, a board or all boards look, and the means to change it: what is clicked is so at once. */
export function LookSide({
  view,
  board,
  buttons,
  onEdit,
  onDone,
}: {
  view: VocabularyView;
  board: Board;
  buttons: Button[];
  onEdit: (edit: Intention) => void;
  onDone: () => void;
}) {
  const [wanted, setLevel] = useState<Level>(buttons.length > 0 ? 'buttons' : 'board');
  const level = wanted === 'buttons' && buttons.length === 0 ? 'board' : wanted;
  const whole: Looks = { look: view.look, papers: view.papers };
  const own: Look = level === 'all' ? view.look : level === 'board' ? board.look : buttons[0].look;
  const is =
    level === 'buttons'
      ? seen(whole, board.look, buttons[0].look, buttons[0].kind ?? undefined)
      : level === 'board'
        ? seen(whole, board.look, {})
        : seen(whole, {}, {});
  const target = level === 'all' ? { buttons: [] } : { board: board.id, buttons: level === 'buttons' ? buttons.map((b) => b.id) : [] };
  const give = (look: Look, usual: Aspect[] = []) => onEdit({ type: 'give-look', ...target, look, usual });
  const set = <K extends keyof Look>(key: K, aspect: Aspect, value: Look[K] | undefined) => (value === undefined ? give({}, [aspect]) : give({ [key]: value }));
  const above = level === 'buttons' ? t`as the board` : level === 'board' ? t`as all boards` : t`as usual`;
  const used = [...new Set(board.buttons.map((b) => b.look.fill).filter((c): c is string => !!c))];
  const brought = [
    ...new Set(
      board.buttons
        .flatMap((b) => [b.look.fill, b.look.border])
        .filter((c): c is string => !!c && !papers.some((p) => p.colour === c) && !EDGES.some((e) => e.colour === c) && c !== WHITE.colour),
    ),
  ];
  return (
    <section aria-label={t`Look`} className={looks.look}>
      <h2>{t`Look`}</h2>
      <Segmented
        block
        size="small"
        aria-label={t`What is to look so`}
        value={level}
        onChange={(value) => setLevel(value as Level)}
        options={[
          ...(buttons.length > 0 ? [{ value: 'buttons', label: buttons.length === 1 ? buttons[0].label || t`picture` : t`${buttons.length} buttons` }] : []),
          { value: 'board', label: t`this board` },
          { value: 'all', label: t`all boards` },
        ]}
      />
      <Row name={t`paper`}>
        <Swatches
          label={t`Paper`}
          value={own.fill}
          none={above}
          onChoose={(c) => set('fill', 'FILL', c)}
          colours={[WHITE, ...papers, ...brought.map((colour) => ({ name: colour, colour }))]}
        />
      </Row>
      <Row name={t`edge`}>
        <Swatches
          label={t`Edge`}
          value={own.border}
          none={above}
          onChoose={(c) => set('border', 'BORDER', c)}
          colours={[...EDGES, ...brought.map((colour) => ({ name: colour, colour }))]}
        />
        <Choice
          label={t`Thickness of the edge`}
          value={is.edge ?? 0}
          of={[
            [0, t`thin`],
            [3, t`thick`],
            [6, t`thicker`],
          ]}
          onChoose={(v) => set('edge', 'EDGE', v === 0 ? undefined : v)}
        />
      </Row>
      <Row name={t`label`}>
        <Choice
          label={t`Place of the label`}
          value={is.label}
          of={[
            ['BELOW', t`below`],
            ['ABOVE', t`above`],
            ['BESIDE', t`beside`],
            ['NONE', t`none`],
          ]}
          onChoose={(v) => set('label', 'LABEL', v)}
        />
      </Row>
      <Row name={t`picture`}>
        <Choice
          label={t`Size of the picture`}
          value={is.picture}
          of={[
            [50, t`smaller`],
            [70, t`usual`],
            [85, t`larger`],
          ]}
          onChoose={(v) => set('picture', 'PICTURE', v)}
        />
      </Row>
      <Row name={t`corners`}>
        <Choice
          label={t`Corners`}
          value={is.corner}
          of={[
            [0, t`square`],
            [8, t`usual`],
            [25, t`round`],
          ]}
          onChoose={(v) => set('corner', 'CORNER', v)}
        />
      </Row>
      {level !== 'buttons' && (
        <>
          <Row name={t`letters`}>
            <Choice
              label={t`Size of the letters`}
              value={is.type}
              of={[
                ['EACH', t`as large as fits`],
                ['EQUAL', t`all alike`],
              ]}
              onChoose={(v) => set('type', 'TYPE', v)}
            />
          </Row>
          <Row name={t`gap`}>
            <Choice
              label={t`Gap between cells`}
              value={is.gap}
              of={[
                [2, t`small`],
                [9, t`usual`],
                [20, t`wide`],
              ]}
              onChoose={(v) => set('gap', 'GAP', v)}
            />
          </Row>
          <Row name={t`behind`}>
            <Swatches
              label={t`Behind the buttons`}
              value={own.background}
              none={above}
              onChoose={(c) => set('background', 'BACKGROUND', c)}
              colours={[WHITE, ...papers, EDGES[0]]}
            />
          </Row>
          <Row name={t`by kind`}>
            <label className={looks.byKind}>
              <Switch size="small" checked={is.byKind} aria-label={t`Paper by kind`} onChange={(on) => set('byKind', 'BY_KIND', on)} />{' '}
              {t`each kind of word its own paper`}
            </label>
            {is.byKind && <KindPapers whole={whole} onEdit={onEdit} />}
          </Row>
          {level === 'all' && used.length > 0 && (
            <Row name={t`instead of`}>
              <div className={looks.swatches}>
                {used.map((from) => (
                  <Dropdown
                    key={from}
                    trigger={['click']}
                    popupRender={() => (
                      <div className={looks.pop}>
                        <p>{t`In every place, not this but`}</p>
                        <Swatches
                          label={t`Instead of ${nameOf(from)}`}
                          none={t`the usual one`}
                          colours={[WHITE, ...papers]}
                          onChoose={(by) => onEdit({ type: 'replace-colour', aspect: 'FILL', colour: from, by })}
                        />
                      </div>
                    )}
                  >
                    <button type="button" aria-label={t`Replace ${nameOf(from)} everywhere`} style={{ background: from }} />
                  </Dropdown>
                ))}
              </div>
            </Row>
          )}
        </>
      )}
      {level === 'buttons' && (
        <div className={parts.sentenceButtons}>
          <CopyOnto what="LOOK" button={buttons[0]} board={board.id} chosen={buttons.slice(1)} onEdit={onEdit}>{t`Copy this look onto …`}</CopyOnto>
        </div>
      )}
      <div className={parts.sentenceButtons}>
        <PlainButton onClick={onDone}>{t`Done`}</PlainButton>
        <PlainButton onClick={() => give({}, ['FILL', 'BORDER', 'EDGE', 'LABEL', 'PICTURE', 'CORNER', 'TYPE', 'GAP', 'BACKGROUND', 'BY_KIND'])}>
          {above}
        </PlainButton>
      </div>
    </section>
  );
}
