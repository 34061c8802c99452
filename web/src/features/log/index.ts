export { EntriesPage } from './EntriesPage';
export { LoggedPage } from './LoggedPage';
export { LogPage } from './LogPage';
