import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import dialogs from './dialogs.module.css';

const KEYS: [string, string][] = [
  [t`arrows`, t`go from cell to cell`],
  [t`Tab, Shift Tab`, t`the next cell, the one before; past the ends they leave the board`],
  [t`a letter on a cell`, t`begins a word in the word line`],
  [t`Enter on an empty cell`, t`goes to the word line`],
  [t`Enter on a button`, t`changes its label`],
  [t`Alt Enter on a button`, t`goes to the board it opens`],
  [t`Ctrl Shift arrows on a button`, t`move it one cell; a button there changes places`],
  [t`Ctrl click, Shift click, Ctrl Space, Ctrl A`, t`choose several buttons`],
  [t`Ctrl C, Ctrl X, Ctrl V`, t`copy, cut and paste buttons, also on another board or in another tab`],
  [t`Delete`, t`takes the button off`],
  [t`Enter in the word line`, t`puts the words where they go`],
  [t`Ctrl Enter, Alt Enter, Shift Enter on a full board`, t`on a new board, in a new row, in a cell kept free`],
  [t`1 to 9 behind a word`, t`takes that picture`],
  [t`Escape on a cell`, t`goes beside the board, to what can be done with it; Escape there comes back`],
  [t`Escape`, t`leaves the word line, a dialog, or what is in hand`],
  [t`Ctrl Z, Ctrl Shift Z`, t`undo, and make again`],
  [t`* on a button`, t`pictures for it`],
  [t`= on a cell`, t`find a word`],
  [t`+ on a cell`, t`add a person`],
  [t`< on a cell`, t`what happened`],
  [t`? on a cell`, t`this list`],
];

/** Every key the bench knows. */
export function Shortcuts({ onClose }: { onClose: () => void }) {
  return (
    <Modal open title={t`Keys of the bench`} onCancel={onClose} footer={null} width={560}>
      <table className={dialogs.keys}>
        <tbody>
          {KEYS.map(([key, does]) => (
            <tr key={key}>
              <th scope="row">
                <kbd>{key}</kbd>
              </th>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}
