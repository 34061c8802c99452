export { SetsPage } from './SetsPage';
