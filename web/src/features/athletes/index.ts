export { AthletesPage } from './AthletesPage';
export { AthletePage } from './AthletePage';
export { ListPage } from './ListPage';
export { NewAthletePage } from './NewAthletePage';
