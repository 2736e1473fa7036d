import { t } from '@lingui/core/macro';
import { Checkbox } from 'antd';

/** Says before what comes after the photos. */
export function SaysEach({ says, onSays }: { says: boolean; onSays: (says: boolean) => void }) {
  return <Checkbox checked={says} onChange={(e) => onSays(e.target.checked)}>{t`Then I say each word into the microphone, one after the other`}</Checkbox>;
}
