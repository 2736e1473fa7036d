import { t } from '@lingui/core/macro';
import { Dropdown } from 'antd';
import type { Intention, Kind } from '../../api/types';
import { kinds } from '../../drawn/kindNames';
import { KindMark } from '../../drawn/kinds';
import { papers, type Looks } from '../../drawn/looks';
import { Swatches, WHITE } from './LookControls';
import looks from './looks.module.css';
import drawn from '../../drawn/drawn.module.css';

/** The student's own table of papers by kind. */
export function KindPapers({ whole, onEdit }: { whole: Looks; onEdit: (edit: Intention) => void }) {
  return (
    <ul className={looks.kindPapers} aria-label={t`Papers of kinds`}>
      {kinds.map(({ kind, sentence, short }) => (
        <li key={kind}>
          <Dropdown
            trigger={['click']}
            popupRender={() => (
              <div className={looks.pop}>
                <Swatches
                  label={t`Paper of ${sentence}`}
                  value={whole.papers[kind]}
                  none="none"
                  colours={papers}
                  onChoose={(c) => onEdit({ type: 'give-papers', papers: changed(whole, kind, c) })}
                />
              </div>
            )}
          >
            <button type="button" className={drawn.kindChoice} aria-label={t`Paper of ${sentence}`}>
              <i style={{ background: whole.papers[kind] ?? WHITE.colour }} />
              <KindMark kind={kind} /> {short}
            </button>
          </Dropdown>
        </li>
      ))}
    </ul>
  );
}

const changed = (whole: Looks, kind: Kind, colour?: string) => Object.fromEntries(Object.entries({ ...whole.papers, [kind]: colour }).filter(([, c]) => c));
