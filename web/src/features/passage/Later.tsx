import { plural } from '@lingui/core/macro';
import { Button } from 'antd';
import { useState } from 'react';
import type { PassageLine, VocabularyView } from '../../api/types';
import parts from '../../shell/parts.module.css';
import { useEdits } from '../edit';
import { byReason } from './lines';
import css from './passage.module.css';

/** The words that wait or are held, and why; those that wait can be shown from now on. */
export function Later({ view, lines, mayEdit }: { view: VocabularyView; lines: PassageLine[]; mayEdit: boolean }) {
  const [busy, setBusy] = useState(false);
  const { edit, asking } = useEdits(view.id);
  if (lines.length === 0) return null;
  const waiting = lines.filter((l) => l.can === 'WAITS').flatMap((l) => l.places.map((p) => p.button.id));
  const now = view.plan.steps[view.plan.at - 1];
  async function show() {
    setBusy(true);
    await edit({ type: 'put-in-step', words: { buttons: [...new Set(waiting)], andOpened: false, allBut: false }, step: now?.id }, view.version);
    setBusy(false);
  }
  return (
    <>
      <h3>{plural(lines.length, { one: '# word waits or is held', other: '# words wait or are held' })}</h3>
      <ul className={css.lines}>
        {byReason(lines).map(([why, some]) => (
          <li key={why}>
            <span className={parts.quiet}>{why}:</span> <strong>{some.map((l) => l.word).join(', ')}</strong>
          </li>
        ))}
      </ul>
      {mayEdit && now && waiting.length > 0 && (
        <Button disabled={busy} loading={busy} onClick={() => void show()}>
          {plural(new Set(waiting).size, { one: 'Show the one that waits from now on', other: 'Show the # that wait from now on' })}
        </Button>
      )}
      {asking}
    </>
  );
}
