import type { PageSetup, Support } from '../../api/types';
import { DottedChoice } from '../board/Dotted';
import { CardsSentence } from './CardsSentence';
import { DottedLength } from './Length';

export interface SentenceOf<S> {
  support: S;
  mayEdit: boolean;
  onSet: (support: S) => void;
}

/** The sentence that sets a support up: every dotted word in it is a control. */
export function SupportSentence({ support, mayEdit, onSet }: SentenceOf<Support>) {
  switch (support.type) {
    case 'cards':
      return <CardsSentence support={support} mayEdit={mayEdit} onSet={onSet} />;
  }
}

/** One of a few, by their words. */
export function Choice<K extends string>({ label, value, words, onChoose, disabled }: {
  label: string;
  value: K;
  words: Record<K, string>;
  onChoose: (key: K) => void;
  disabled?: boolean;
}) {
  return (
    <DottedChoice
      label={label}
      disabled={disabled}
      items={(Object.keys(words) as K[]).map((key) => ({ key, label: words[key] }))}
      onChoose={(key) => key !== value && onChoose(key as K)}
    >
      {words[value]}
    </DottedChoice>
  );
}

const PAPERS: Record<PageSetup['paper'] | 'OWN', string> = {
  A4: 'A4', A3: 'A3', A5: 'A5', LETTER: 'Letter', LEGAL: 'Legal', TABLOID: 'Tabloid', OWN: 'paper of my own',
};
const TURNS: Record<PageSetup['turn'], string> = { BEST: 'whichever way needs fewer sheets', UPRIGHT: 'standing up', LYING: 'lying down' };
const LABELS: Record<PageSetup['labels'], string> = { BELOW: 'words below', ABOVE: 'words above', BESIDE: 'words beside', NONE: 'no words' };
const TYPES: Record<PageSetup['type'], string> = { EQUAL: 'all one size', EACH: 'each as large as fits' };
const OWN_SIZE = { width: 200_000, height: 200_000 };

/** The paper, and how words are set on it: the same for all that is made of a list. */
export function PageSentence({ page, mayEdit, onSet }: { page: PageSetup; mayEdit: boolean; onSet: (page: PageSetup) => void }) {
  const disabled = !mayEdit;
  return (
    <>
      <Choice label="Where words stand" value={page.labels} words={LABELS} disabled={disabled} onChoose={(labels) => onSet({ ...page, labels })} />
      {page.labels !== 'NONE' && (
        <>
          , <Choice label="How large words are" value={page.type} words={TYPES} disabled={disabled} onChoose={(type) => onSet({ ...page, type })} />
        </>
      )}
      , on{' '}
      <Choice
        label="Paper"
        value={page.own ? 'OWN' : page.paper}
        words={PAPERS}
        disabled={disabled}
        onChoose={(key) => onSet(key === 'OWN' ? { ...page, own: OWN_SIZE } : { ...page, own: undefined, paper: key })}
      />
      {page.own && (
        <>
          {' '}
          of <DottedLength label="Width of the paper" value={page.own.width} disabled={disabled} onKeep={(width) => onSet({ ...page, own: { ...page.own!, width } })} />{' '}
          by{' '}
          <DottedLength label="Height of the paper" value={page.own.height} disabled={disabled} onKeep={(height) => onSet({ ...page, own: { ...page.own!, height } })} />
        </>
      )}{' '}
      <Choice label="Which way the paper lies" value={page.turn} words={TURNS} disabled={disabled} onChoose={(turn) => onSet({ ...page, turn })} />, the
      printer leaving{' '}
      <DottedLength label="What the printer cannot print on" value={page.margin} disabled={disabled} onKeep={(margin) => onSet({ ...page, margin })} /> free.
    </>
  );
}
