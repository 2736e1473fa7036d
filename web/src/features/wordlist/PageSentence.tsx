import type { PageSetup } from '../../api/types';
import { Choice, controls } from '../sheet';

const LIES = { BEST: 'whichever way is better', UPRIGHT: 'standing up', LYING: 'lying down' };

const PAPERS: Record<PageSetup['paper'] | 'OWN', string> = {
  A4: 'A4',
  A3: 'A3',
  A5: 'A5',
  LETTER: 'Letter',
  LEGAL: 'Legal',
  TABLOID: 'Tabloid',
  OWN: 'paper of my own',
};
const OWN_SIZE = { width: 200_000, height: 200_000 };

/** The paper, and how words are set on it: the same for all that is made of a list. */
export function PageSentence({
  page,
  whose,
  beside,
  mayEdit,
  onSet,
}: {
  page: PageSetup;
  /** Whose boards say how words stand; null if it is nobody’s. */
  whose: string | null;
  /** True of supports whose words can stand beside their pictures only. */
  beside: boolean;
  mayEdit: boolean;
  onSet: (page: PageSetup) => void;
}) {
  const is = controls(page, mayEdit, onSet);
  const own = page.own && controls(page.own, mayEdit, (size) => onSet({ ...page, own: size }));
  return (
    <>
      {beside ? (
        <Choice
          label="Words"
          value={page.labels === 'NONE' ? 'NONE' : 'BESIDE'}
          words={{ BESIDE: 'with words', NONE: 'without words' }}
          disabled={!mayEdit}
          onChoose={(labels) => onSet({ ...page, labels })}
        />
      ) : (
        <Choice
          label="Where words stand"
          value={page.labels ?? (whose ? 'BOARDS' : 'BELOW')}
          words={
            {
              ...(whose ? { BOARDS: `words and pictures as on ${whose} boards` } : {}),
              BELOW: 'words below',
              ABOVE: 'words above',
              BESIDE: 'words beside',
              NONE: 'no words',
            } as Record<string, string>
          }
          disabled={!mayEdit}
          onChoose={(labels) => onSet({ ...page, labels: labels === 'BOARDS' ? undefined : labels })}
        />
      )}
      {page.labels !== 'NONE' && <>, {is.choice('type', 'How large words are', { EQUAL: 'all one size', EACH: 'each as large as fits' })}</>}, on{' '}
      <Choice
        label="Paper"
        value={page.own ? 'OWN' : page.paper}
        words={PAPERS}
        disabled={!mayEdit}
        onChoose={(key) => onSet(key === 'OWN' ? { ...page, own: OWN_SIZE } : { ...page, own: undefined, paper: key })}
      />
      {own && (
        <>
          {' '}
          of {own.length('width', 'Width of the paper')} by {own.length('height', 'Height of the paper')}
        </>
      )}{' '}
      {is.choice('turn', 'Which way the paper lies', LIES)}, the printer leaving {is.length('margin', 'What the printer cannot print on')} free.
    </>
  );
}
