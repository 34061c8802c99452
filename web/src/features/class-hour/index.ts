export { ClassPage } from './ClassPage';

/** The hall comes without them. */
export const placeDoor = () => import('./place/PlacePage');
export const afterDoor = () => import('./after/AfterPage');
export const clockDoor = () => import('./clock/ClockPage');
export const wallDoor = () => import('./clock/WallPage');
export const linkDoor = () => import('./clock/ClassLinkPage');
export const notesDoor = () => import('./notes/NotesPage');
