export { PacingPage } from './PacingPage';
