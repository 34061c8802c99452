export { CardsPage } from './CardsPage';
export { ClassTablePage } from './ClassTablePage';
export { PacerPage } from './PacerPage';
export { PacingPage } from './PacingPage';
export { RehearsalPage } from './RehearsalPage';
