export { CardsPage } from './CardsPage';
export { ClassTablePage } from './ClassTablePage';
export { PacingPage } from './PacingPage';
