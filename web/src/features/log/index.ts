export { LogPage } from './LogPage';
