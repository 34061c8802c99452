export { SignInPage } from './SignInPage';
export { YouPage } from './YouPage';
