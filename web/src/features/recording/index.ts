export { RecordDialog } from './RecordDialog';
export { RecordMany } from './RecordMany';
