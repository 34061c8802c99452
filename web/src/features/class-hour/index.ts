export { ClassPage } from './ClassPage';

/** The hall comes without it. */
export const notesDoor = () => import('./NotesPage');
