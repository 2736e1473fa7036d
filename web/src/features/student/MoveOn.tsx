import { t } from '@lingui/core/macro';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Glance } from '../../api/types';
import { vocabulary as vocabularyQuery } from '../../data/boards';
import { useEdits } from '../edit';
import { ArtOf } from '../../drawn/art';
import { Appeared } from '../reveal';
import { dayOf } from '../../shell/time';

/** The step a student is at, and the next or the one before in one action. */
export function MoveOn({ glance, mayEdit, back }: { glance: Glance; mayEdit: boolean; back?: boolean }) {
  const { edit } = useEdits(glance.vocabulary);
  const [since, setSince] = useState<number>();
  const view = useQuery({ ...vocabularyQuery(glance.vocabulary), enabled: since !== undefined });
  const { steps, at } = glance.plan;
  const now = steps[at - 1];
  if (!now) return null;
  async function go(step: string) {
    if (await edit({ type: 'go-to-step', step }, glance.version)) setSince(glance.version);
  }
  return (
    <>
      <p>{now.began ? t`Step ${at} of ${steps.length}, ${now.name}, since ${dayOf(now.began)}` : t`Step ${at} of ${steps.length}, ${now.name}`}</p>
      {mayEdit && steps[at] && (
        <Button size="small" onClick={() => void go(steps[at].id)} title={t`${glance.wordsByStep[at] - glance.wordsByStep[at - 1]} more words`}>
          {t`Move on to ${steps[at].name}`}
        </Button>
      )}
      {mayEdit && back && at > 1 && (
        <Button size="small" onClick={() => void go(steps[at - 2].id)}>
          {t`Back to ${steps[at - 2].name}`}
        </Button>
      )}
      {since !== undefined && view.data && (
        <ArtOf art={view.data.art} vocabulary={glance.vocabulary}>
          <Appeared view={view.data} since={since} onClose={() => setSince(undefined)} />
        </ArtOf>
      )}
    </>
  );
}
