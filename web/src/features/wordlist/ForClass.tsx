import { Input, Modal } from 'antd';
import { useState } from 'react';
import type { WordList } from '../../api/types';
import type { Act } from './lists';
import parts from '../../shell/parts.module.css';

/** For whom it is printed: once for all, or for each student of a class with what differs, as a table typed or pasted. */
export function ForClass({ view, onAct }: { view: WordList; onAct: (act: Act) => Promise<WordList | undefined> }) {
  const [table, setTable] = useState<string>();
  const said = view.students === 0 ? 'the same for everybody' : `${view.students} ${view.students === 1 ? 'student' : 'students'}`;
  if (!view.mayEdit) return <>For {said}.</>;
  const [first, second] = view.words;
  return (
    <>
      For{' '}
      <button type="button" className={parts.dotted} title="For whom it is printed" onClick={() => setTable(view.classTable)}>
        {said}
      </button>
      .
      {table !== undefined && (
        <Modal
          open
          title="For whom it is printed"
          okText="Keep"
          cancelText="Leave it"
          width={620}
          onCancel={() => setTable(undefined)}
          onOk={() => void onAct({ what: 'class', table }).then((done) => done && setTable(undefined))}
        >
          <p>
            A student a line: the name, then what is printed instead, with tabs or commas between; a first line says instead of which words. An empty
            place leaves the word as it is. A table copied from a spreadsheet can be pasted.
          </p>
          <Input.TextArea
            autoFocus
            rows={9}
            aria-label="Students and what differs"
            value={table}
            onChange={(e) => setTable(e.target.value)}
            placeholder={`name, ${first?.text ?? 'swim'}, ${second?.text ?? 'read'}\nIlse, dance,\nTomasz, , sing`}
          />
        </Modal>
      )}
    </>
  );
}
