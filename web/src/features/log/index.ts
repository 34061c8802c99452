export { EntriesPage } from './EntriesPage';
export { LogPage } from './LogPage';
