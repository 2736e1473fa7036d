import { t } from '@lingui/core/macro';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { BroughtIn } from '../../api/types';
import { rowOf } from '../../data/showing';
import { bringInPackage } from '../../data/starters';
import { caseload, vocabularies } from '../../data/students';
import { useFiles } from '../../shell/files';
import { useWork } from '../job';

/** Brings a package or a board into a student's: boards as a new vocabulary, a book onto the row. `parts` stand in the page. */
export function useBringIn(student: string) {
  const queries = useQueryClient();
  const [came, setCame] = useState<BroughtIn>();
  const [start, working] = useWork(t`Open it`, {
    onDone: (told) => {
      const above = [caseload.queryKey, vocabularies(student).queryKey, ['lists'], rowOf(student).queryKey];
      void Promise.all(above.map((queryKey) => queries.invalidateQueries({ queryKey }))).then(() => setCame(JSON.parse(told) as BroughtIn));
    },
  });
  const take = ([file]: File[]) => {
    setCame(undefined);
    if (file) start(() => bringInPackage(student, file));
  };
  const [choose, field] = useFiles(t`A package or board file`, '.obz,.obf,.zip,.json', take);
  return {
    came,
    choose,
    take,
    parts: (
      <>
        {field}
        {working}
      </>
    ),
  };
}
