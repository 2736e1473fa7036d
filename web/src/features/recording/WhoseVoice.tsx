import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { VocabularyView } from '../../api/types';
import { lately, choseLately } from '../../data/lately';
import type { VoiceOf } from '../../data/recordings';
import { session } from '../../data/session';
import { DottedChoice, DottedText } from '../../shell/Dotted';

const LATELY = 'voices';

/** Whose voice is recorded: as somebody said last on this device, else of whoever is signed in. */
export function useWhoseVoice(): [VoiceOf, (voice: VoiceOf) => void] {
  const me = useQuery(session).data?.account?.name ?? '';
  const [chosen, choose] = useState<VoiceOf>();
  const [last = me] = lately(LATELY);
  return [
    chosen ?? { shows: 'OTHERS', by: last },
    (voice) => {
      if (voice.shows === 'OTHERS') choseLately(LATELY, voice.by);
      choose(voice);
    },
  ];
}

/** A person’s voice is treated as a photo that shows the person is; so it is asked. */
export function WhoseVoice({ view, voice, onVoice }: { view: VocabularyView; voice: VoiceOf; onVoice: (voice: VoiceOf) => void }) {
  const [naming, setNaming] = useState(false);
  const student = view.student?.name;
  const shown =
    voice.shows === 'NOBODY'
      ? t`nobody’s: a thing or an animal`
      : voice.shows === 'STUDENT'
        ? t`${student ?? ''}’s own voice`
        : t`${voice.by || t`somebody`}’s voice`;
  return (
    <p>
      <Trans>
        It is{' '}
        {naming ? (
          <DottedText
            label={t`Whose voice it is`}
            value={voice.by}
            editing
            onEditing={setNaming}
            onKeep={(by) => by.trim() && onVoice({ shows: 'OTHERS', by: by.trim() })}
          />
        ) : (
          <DottedChoice
            label={t`Whose voice it is`}
            items={[
              { key: 'name', label: t`somebody’s, by name…` },
              ...(student ? [{ key: 'STUDENT', label: t`${student}’s own voice` }] : []),
              { key: 'NOBODY', label: t`nobody’s: a thing or an animal` },
            ]}
            onChoose={(key) => (key === 'name' ? setNaming(true) : onVoice({ shows: key as VoiceOf['shows'], by: key === 'STUDENT' ? (student ?? '') : '' }))}
          >
            {shown}
          </DottedChoice>
        )}
        .
      </Trans>
    </p>
  );
}
