export { Accounts } from './Accounts';
