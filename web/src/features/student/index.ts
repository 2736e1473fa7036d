export { Caseload } from './Caseload';
