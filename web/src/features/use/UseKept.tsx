import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import type { Student } from '../../api/types';
import { DottedChoice } from '../../shell/Dotted';
import parts from '../../shell/parts.module.css';

interface Props {
  student: Student;
  mayEdit: boolean;
  onChange: (to: NonNullable<Student['useKept']>) => void;
}

/** What is kept of what a student says: asked first, and nothing until somebody has said so. */
export function UseKept({ student, mayEdit, onChange }: Props) {
  const { name, useKept } = student;
  const ways = { NOTHING: t`nothing`, COUNTS: t`how often each word is said`, MESSAGES: t`how often each word is said, and the messages` };
  return (
    <p>
      <Trans>
        Of what {name} says,{' '}
        <DottedChoice
          label={t`What is kept`}
          disabled={!mayEdit}
          items={Object.entries(ways).map(([key, label]) => ({ key, label }))}
          onChoose={(key) => onChange(key as keyof typeof ways)}
        >
          {ways[useKept ?? 'NOTHING']}
        </DottedChoice>{' '}
        is kept.
      </Trans>{' '}
      <span className={parts.quiet}>
        {useKept
          ? t`The team alone sees it; it goes into no package and on no paper, and is deleted when you ask for it.`
          : t`Ask ${name}, and whoever speaks for ${name}, first. The team alone would see it, and it can be deleted.`}
      </span>
    </p>
  );
}
