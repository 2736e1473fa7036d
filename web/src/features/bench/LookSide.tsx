import { Button as PlainButton, Dropdown, Segmented, Switch } from 'antd';
import { useState } from 'react';
import type { Board, Button, Intention, Kind, Look, VocabularyView } from '../../api/types';
import { kinds } from '../../drawn/kindNames';
import { KindMark } from '../../drawn/kinds';
import { papers, seen, type Looks } from '../../drawn/looks';
import { palette } from '../../theme';
import looks from './looks.module.css';
import drawn from '../../drawn/drawn.module.css';
import parts from '../../shell/parts.module.css';

type Aspect = Extract<Intention, { type: 'give-look' }>['usual'] extends (infer A)[] | undefined ? A : never;
type Onto = Extract<Intention, { type: 'copy-onto' }>['onto'];
export type Level = 'buttons' | 'board' | 'all';

/** Strong colours of our own for edges. */
const EDGES = Object.entries({
  ink: palette.ink,
  plum: palette.kindWho,
  sea: palette.kept,
  rust: palette.action,
  amber: palette.kindDescribing,
  blue: palette.kindThing,
  moss: palette.kindWhere,
  wine: palette.held,
}).map(([name, colour]) => ({ name, colour: colour.toLowerCase() }));
const WHITE = { name: 'white', colour: palette.white.toLowerCase() };

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
  const set = <K extends keyof Look>(key: K, aspect: Aspect, value: Look[K] | undefined) =>
    value === undefined ? give({}, [aspect]) : give({ [key]: value });
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
          ...(buttons.length > 0
            ? [{ value: 'buttons', label: buttons.length === 1 ? buttons[0].label || 'picture' : `${buttons.length} buttons` }]
            : []),
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
              <Switch size="small" checked={is.byKind} aria-label="Paper by kind" onChange={(on) => set('byKind', 'BY_KIND', on)} /> each kind of word
              its own paper
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

/** Copies a look, or what a button does, onto others. */
export function CopyOnto({
  what,
  button,
  board,
  chosen,
  onEdit,
  children,
}: {
  what: 'LOOK' | 'DOES';
  button: Button;
  board: string;
  chosen: Button[];
  onEdit: (edit: Intention) => void;
  children: React.ReactNode;
}) {
  const kind = kinds.find((k) => k.kind === button.kind)?.sentence.replace(/^an? (.*) word$/, '$1 words');
  const items = [
    ...(chosen.length > 0 ? [{ key: 'CHOSEN', label: `the ${chosen.length} chosen with it` }] : []),
    { key: 'BOARD', label: 'this board' },
    { key: 'ALL', label: 'all boards' },
    ...(kind ? [{ key: 'KIND', label: `all ${kind}` }] : []),
  ];
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: what === 'DOES' ? items.filter((i) => i.key === 'CHOSEN') : items,
        onClick: ({ key }) => onEdit({ type: 'copy-onto', board, button: button.id, what, onto: key as Onto, chosen: chosen.map((b) => b.id) }),
      }}
    >
      <PlainButton>{children}</PlainButton>
    </Dropdown>
  );
}

const nameOf = (colour: string) => papers.find((p) => p.colour === colour)?.name ?? colour;

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className={looks.row}>
      <span>{name}</span>
      <div>{children}</div>
    </div>
  );
}

function Choice<T extends string | number>({
  label,
  value,
  of,
  onChoose,
}: {
  label: string;
  value: T;
  of: [T, string][];
  onChoose: (value: T) => void;
}) {
  return (
    <div role="group" aria-label={label} className={looks.choice}>
      {of.map(([key, words]) => (
        <button key={key} type="button" aria-pressed={key === value} onClick={() => onChoose(key)}>
          {words}
        </button>
      ))}
    </div>
  );
}

function Swatches({
  label,
  value,
  none,
  colours,
  onChoose,
}: {
  label: string;
  value?: string;
  none: string;
  colours: { name: string; colour: string }[];
  onChoose: (colour?: string) => void;
}) {
  return (
    <div role="group" aria-label={label} className={looks.swatches}>
      <button
        type="button"
        className={looks.none}
        aria-pressed={!value}
        aria-label={`${label}: ${none}`}
        title={none}
        onClick={() => onChoose(undefined)}
      />
      {colours.map(({ name, colour }) => (
        <button
          key={colour}
          type="button"
          aria-pressed={colour === value}
          aria-label={`${label}: ${name}`}
          title={name}
          style={{ background: colour }}
          onClick={() => onChoose(colour)}
        />
      ))}
    </div>
  );
}

/** The student's own table of papers by kind. */
function KindPapers({ whole, onEdit }: { whole: Looks; onEdit: (edit: Intention) => void }) {
  return (
    <ul className={looks.kindPapers} aria-label="Papers of kinds">
      {kinds.map(({ kind, sentence }) => (
        <li key={kind}>
          <Dropdown
            trigger={['click']}
            popupRender={() => (
              <div className={looks.pop}>
                <Swatches
                  label={`Paper of ${sentence}`}
                  value={whole.papers[kind]}
                  none="none"
                  colours={papers}
                  onChoose={(c) => onEdit({ type: 'give-papers', papers: changed(whole, kind, c) })}
                />
              </div>
            )}
          >
            <button type="button" className={drawn.kindChoice} aria-label={`Paper of ${sentence}`}>
              <i style={{ background: whole.papers[kind] ?? WHITE.colour }} />
              <KindMark kind={kind} /> {sentence.replace(/^an? | word$/g, '')}
            </button>
          </Dropdown>
        </li>
      ))}
    </ul>
  );
}

const changed = (whole: Looks, kind: Kind, colour?: string) =>
  Object.fromEntries(Object.entries({ ...whole.papers, [kind]: colour }).filter(([, c]) => c));
