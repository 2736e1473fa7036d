import { t } from '@lingui/core/macro';
import { Radio } from 'antd';
import type { OwnAbout } from '../../api/types';

/** Who may use a picture of one's own: the team of the student whose boards are open, my students, the whole school. */
export function WhoUses({
  student,
  audience,
  onChange,
}: {
  student?: { name: string };
  audience: OwnAbout['audience'];
  onChange: (audience: OwnAbout['audience']) => void;
}) {
  return (
    <Radio.Group
      aria-label={t`Who may use it`}
      value={audience}
      onChange={(e) => onChange(e.target.value as OwnAbout['audience'])}
      options={[
        ...(student ? [{ value: 'STUDENT', label: t`only for ${student.name}` }] : []),
        { value: 'MINE', label: t`my students` },
        { value: 'SCHOOL', label: t`the whole school` },
      ]}
    />
  );
}
