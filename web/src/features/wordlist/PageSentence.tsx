import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import type { PageSetup } from '../../api/types';
import { Choice, controls } from '../sheet';

const LIES = { BEST: t`whichever way is better`, UPRIGHT: t`standing up`, LYING: t`lying down` };

const PAPERS: Record<PageSetup['paper'] | 'OWN', string> = {
  A4: 'A4',
  A3: 'A3',
  A5: 'A5',
  LETTER: t`Letter`,
  LEGAL: t`Legal`,
  TABLOID: t`Tabloid`,
  OWN: t`paper of my own`,
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
  const words = beside ? (
    <Choice
      label={t`Words`}
      value={page.labels === 'NONE' ? 'NONE' : 'BESIDE'}
      words={{ BESIDE: t`with words`, NONE: t`without words` }}
      disabled={!mayEdit}
      onChoose={(labels) => onSet({ ...page, labels })}
    />
  ) : (
    <Choice
      label={t`Where words stand`}
      value={page.labels ?? (whose ? 'BOARDS' : 'BELOW')}
      words={
        {
          ...(whose ? { BOARDS: t`words and pictures as on ${whose} boards` } : {}),
          BELOW: t`words below`,
          ABOVE: t`words above`,
          BESIDE: t`words beside`,
          NONE: t`no words`,
        } as Record<string, string>
      }
      disabled={!mayEdit}
      onChoose={(labels) => onSet({ ...page, labels: labels === 'BOARDS' ? undefined : labels })}
    />
  );
  const large = page.labels !== 'NONE' && <>, {is.choice('type', t`How large words are`, { EQUAL: t`all one size`, EACH: t`each as large as fits` })}</>;
  const paper = (
    <Choice
      label={t`Paper`}
      value={page.own ? 'OWN' : page.paper}
      words={PAPERS}
      disabled={!mayEdit}
      onChoose={(key) => onSet(key === 'OWN' ? { ...page, own: OWN_SIZE } : { ...page, own: undefined, paper: key })}
    />
  );
  const width = own && own.length('width', t`Width of the paper`);
  const height = own && own.length('height', t`Height of the paper`);
  const size = own && (
    <>
      {' '}
      <Trans>
        of {width} by {height}
      </Trans>
    </>
  );
  const turn = is.choice('turn', t`Which way the paper lies`, LIES);
  const margin = is.length('margin', t`What the printer cannot print on`);
  return (
    <Trans>
      {words}
      {large}, on {paper}
      {size} {turn}, the printer leaving {margin} free.
    </Trans>
  );
}
