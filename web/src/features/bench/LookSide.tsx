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
  const above = level === 'buttons' ? 'as the board' : level === 'board' ? 'as all boards' : 'as usual';
  const used = [...new Set(board.buttons.map((b) => b.look.fill).filter((c): c is string => !!c))];
  const brought = [
    ...new Set(
      board.buttons
        .flatMap((b) => [b.look.fill, b.look.border])
        .filter((c): c is string => !!c && !papers.some((p) => p.colour === c) && !EDGES.some((e) => e.colour === c) && c !== WHITE.colour),
    ),
  ];
  return (
    <section aria-label="Look" className={looks.look}>
      <h2>Look</h2>
      <Segmented
        block
        size="small"
        aria-label="What is to look so"
        value={level}
        onChange={(value) => setLevel(value as Level)}
        options={[
          ...(buttons.length > 0 ? [{ value: 'buttons', label: buttons.length === 1 ? buttons[0].label || 'picture' : `${buttons.length} buttons` }] : []),
          { value: 'board', label: 'this board' },
          { value: 'all', label: 'all boards' },
        ]}
      />
      <Row name="paper">
        <Swatches
          label="Paper"
          value={own.fill}
          none={above}
          onChoose={(c) => set('fill', 'FILL', c)}
          colours={[WHITE, ...papers, ...brought.map((colour) => ({ name: colour, colour }))]}
        />
      </Row>
      <Row name="edge">
        <Swatches
          label="Edge"
          value={own.border}
          none={above}
          onChoose={(c) => set('border', 'BORDER', c)}
          colours={[...EDGES, ...brought.map((colour) => ({ name: colour, colour }))]}
        />
        <Choice
          label="Thickness of the edge"
          value={is.edge ?? 0}
          of={[
            [0, 'thin'],
            [3, 'thick'],
            [6, 'thicker'],
          ]}
          onChoose={(v) => set('edge', 'EDGE', v === 0 ? undefined : v)}
        />
      </Row>
      <Row name="label">
        <Choice
          label="Place of the label"
          value={is.label}
          of={[
            ['BELOW', 'below'],
            ['ABOVE', 'above'],
            ['BESIDE', 'beside'],
            ['NONE', 'none'],
          ]}
          onChoose={(v) => set('label', 'LABEL', v)}
        />
      </Row>
      <Row name="picture">
        <Choice
          label="Size of the picture"
          value={is.picture}
          of={[
            [50, 'smaller'],
            [70, 'usual'],
            [85, 'larger'],
          ]}
          onChoose={(v) => set('picture', 'PICTURE', v)}
        />
      </Row>
      <Row name="corners">
        <Choice
          label="Corners"
          value={is.corner}
          of={[
            [0, 'square'],
            [8, 'usual'],
            [25, 'round'],
          ]}
          onChoose={(v) => set('corner', 'CORNER', v)}
        />
      </Row>
      {level !== 'buttons' && (
        <>
          <Row name="letters">
            <Choice
              label="Size of the letters"
              value={is.type}
              of={[
                ['EACH', 'as large as fits'],
                ['EQUAL', 'all alike'],
              ]}
              onChoose={(v) => set('type', 'TYPE', v)}
            />
          </Row>
          <Row name="gap">
            <Choice
              label="Gap between cells"
              value={is.gap}
              of={[
                [2, 'small'],
                [9, 'usual'],
                [20, 'wide'],
              ]}
              onChoose={(v) => set('gap', 'GAP', v)}
            />
          </Row>
          <Row name="behind">
            <Swatches
              label="Behind the buttons"
              value={own.background}
              none={above}
              onChoose={(c) => set('background', 'BACKGROUND', c)}
              colours={[WHITE, ...papers, EDGES[0]]}
            />
          </Row>
          <Row name="by kind">
            <label className={looks.byKind}>
              <Switch size="small" checked={is.byKind} aria-label="Paper by kind" onChange={(on) => set('byKind', 'BY_KIND', on)} /> each kind of word its own
              paper
            </label>
            {is.byKind && <KindPapers whole={whole} onEdit={onEdit} />}
          </Row>
          {level === 'all' && used.length > 0 && (
            <Row name="instead of">
              <div className={looks.swatches}>
                {used.map((from) => (
                  <Dropdown
                    key={from}
                    trigger={['click']}
                    popupRender={() => (
                      <div className={looks.pop}>
                        <p>In every place, not this but</p>
                        <Swatches
                          label={`Instead of ${nameOf(from)}`}
                          none="the usual one"
                          colours={[WHITE, ...papers]}
                          onChoose={(by) => onEdit({ type: 'replace-colour', aspect: 'FILL', colour: from, by })}
                        />
                      </div>
                    )}
                  >
                    <button type="button" aria-label={`Replace ${nameOf(from)} everywhere`} style={{ background: from }} />
                  </Dropdown>
                ))}
              </div>
            </Row>
          )}
        </>
      )}
      {level === 'buttons' && (
        <div className={parts.sentenceButtons}>
          <CopyOnto what="LOOK" button={buttons[0]} board={board.id} chosen={buttons.slice(1)} onEdit={onEdit}>
            Copy this look onto …
          </CopyOnto>
        </div>
      )}
      <div className={parts.sentenceButtons}>
        <PlainButton onClick={onDone}>Done</PlainButton>
        <PlainButton onClick={() => give({}, ['FILL', 'BORDER', 'EDGE', 'LABEL', 'PICTURE', 'CORNER', 'TYPE', 'GAP', 'BACKGROUND', 'BY_KIND'])}>
          {above}
        </PlainButton>
      </div>
    </section>
  );
}
