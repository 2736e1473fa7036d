import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { examples, type Begun } from '../../data/lists';
import css from './wordlist.module.css';
import parts from '../../shell/parts.module.css';

/** Filled-in lists to begin with, under what each is printed as; one click begins with it. */
export function BeginExample({ onBegin, onClose }: { onBegin: (wanted: Begun) => Promise<boolean>; onClose: () => void }) {
  const { data = [] } = useQuery(examples);
  const called = [...new Set(data.map((e) => e.called))];
  return (
    <Modal open title={t`Begin with an example`} footer={null} onCancel={onClose} width={760}>
      <ul className={css.examples} aria-label={t`Examples`}>
        {called.map((name) => (
          <li key={name}>
            <strong>{name}</strong>
            {data
              .filter((e) => e.called === name)
              .map((e) => (
                <button
                  key={e.name}
                  type="button"
                  className={parts.dotted}
                  title={e.words}
                  onClick={() => void onBegin({ text: e.words, name: e.name, support: e.support }).then((done) => done && onClose())}
                >
                  {e.name}
                </button>
              ))}
          </li>
        ))}
      </ul>
    </Modal>
  );
}
