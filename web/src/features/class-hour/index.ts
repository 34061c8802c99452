export { ClassPage } from './ClassPage';

/** The hall comes without them. */
export const placeDoor = () => import('./PlacePage');
export const notesDoor = () => import('./NotesPage');
