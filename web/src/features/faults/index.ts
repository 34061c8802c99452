export { FaultsPage } from './FaultsPage';
