export { SignInPage } from './SignIn';
export { SignInAgain } from './SignInAgain';
