export { Caseload } from './Caseload';
export { VoiceDialog } from './VoiceDialog';
