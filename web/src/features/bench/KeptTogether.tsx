import { t } from '@lingui/core/macro';
import { Alert, Checkbox } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Layer, OwnAbout } from '../../api/types';
import { keepMade } from '../../data/pictures';
import { WhoUses } from '../picture';
import { ofLibrary, whole } from '../../drawn/layers';

/** Whether what was put together becomes one picture, for whom; and making it one. */
export function useTogether(word: string, student?: { id: string; name: string }) {
  const queries = useQueryClient();
  const [kept, setKept] = useState(false);
  const [audience, setAudience] = useState<OwnAbout['audience']>(student ? 'STUDENT' : 'MINE');
  const making = useMutation({
    mutationFn: (layers: Layer[]) => keepMade({ parts: layers, word, audience, student: audience === 'STUDENT' ? student?.id : undefined }),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['pictures'] });
      void queries.invalidateQueries({ queryKey: ['own-pictures'] });
    },
  });
  return {
    kept,
    setKept,
    audience,
    setAudience,
    student,
    word,
    problem: making.isError ? sentence(making.error) : '',
    busy: making.isPending,
    /** The same, or one picture in its place. Throws if it could not be kept. */
    one: async (layers: Layer[]) => (kept && layers.length > 1 && ofLibrary(layers) ? [whole((await making.mutateAsync(layers)).picture)] : layers),
  };
}

/** Asks whether several pictures become one of its own, which is found under its word from then on. */
export function KeptTogether({ together, layers }: { together: ReturnType<typeof useTogether>; layers: Layer[] }) {
  if (layers.length < 2 || !ofLibrary(layers) || !together.word) return null;
  return (
    <>
      <Checkbox checked={together.kept} onChange={(e) => together.setKept(e.target.checked)}>{t`keep it as one picture for “${together.word}”`}</Checkbox>
      {together.kept && <WhoUses student={together.student} audience={together.audience} onChange={together.setAudience} />}
      {together.problem && <Alert type="warning" showIcon title={together.problem} />}
    </>
  );
}
