import { t } from '@lingui/core/macro';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Bringing } from '../../api/types';
import { bringAsWork } from '../../data/arrivals';
import { vocabulary } from '../../data/boards';
import { useEdits } from '../edit';
import { useWork } from '../job';

/** More boards than this are brought as a piece of work, which shows how far it is and can be ended. */
const MANY = 100;

/** Brings boards in, and goes to the board that opens them. */
export function useBringing(id: number, onto: () => string) {
  const { make, asking } = useEdits(id);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const there = () => void navigate(`/vocabularies/${id}/boards/${encodeURIComponent(onto())}`);
  const [start, working] = useWork(t`Look at them`, {
    onFailed: () => void queries.invalidateQueries({ queryKey: ['arrivals', id] }),
    onDone: () => void queries.invalidateQueries({ queryKey: vocabulary(id).queryKey }).then(there),
  });
  async function bring(wanted: Bringing, boards: number) {
    if (boards > MANY) return start(() => bringAsWork(id, wanted));
    setBusy(true);
    const made = await make({ what: 'bring boards', base: wanted.base, bringing: wanted });
    setBusy(false);
    if (!made) void queries.invalidateQueries({ queryKey: ['arrivals', id] });
    else there();
  }
  return {
    bring,
    busy,
    shown: (
      <>
        {asking}
        {working}
      </>
    ),
  };
}
