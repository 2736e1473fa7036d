import { Modal } from 'antd';
import dialogs from './dialogs.module.css';

const KEYS: [string, string][] = [
  ['arrows', 'go from cell to cell'],
  ['Tab, Shift Tab', 'the next cell, the one before; past the ends they leave the board'],
  ['a letter on a cell', 'begins a word in the word line'],
  ['Enter on an empty cell', 'goes to the word line'],
  ['Enter on a button', 'changes its label'],
  ['Alt Enter on a button', 'goes to the board it opens'],
  ['Ctrl Shift arrows on a button', 'move it one cell; a button there changes places'],
  ['Ctrl click, Shift click, Ctrl Space, Ctrl A', 'choose several buttons'],
  ['Ctrl C, Ctrl X, Ctrl V', 'copy, cut and paste buttons, also on another board or in another tab'],
  ['Delete', 'takes the button off'],
  ['Enter in the word line', 'puts the words where they go'],
  ['Ctrl Enter, Alt Enter, Shift Enter on a full board', 'on a new board, in a new row, in a cell kept free'],
  ['1 to 9 behind a word', 'takes that picture'],
  ['Escape on a cell', 'goes beside the board, to what can be done with it; Escape there comes back'],
  ['Escape', 'leaves the word line, a dialog, or what is in hand'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, and make again'],
  ['* on a button', 'pictures for it'],
  ['= on a cell', 'find a word'],
  ['+ on a cell', 'add a person'],
  ['< on a cell', 'what happened'],
  ['? on a cell', 'this list'],
];

/** Every key the bench knows. */
export function Shortcuts({ onClose }: { onClose: () => void }) {
  return (
    <Modal open title="Keys of the bench" onCancel={onClose} footer={null} width={560}>
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
