export { ClearancePage } from './ClearancePage';
export { HealthBook } from './HealthBook';
export { NoteHealth } from './NoteHealth';
