export { SetsPage } from './SetsPage';
export { RunPage } from './RunPage';
