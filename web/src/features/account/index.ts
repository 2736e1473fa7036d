export { Accounts } from './Accounts';
export { SignInPage } from './SignIn';
export { SignInAgain } from './SignInAgain';
