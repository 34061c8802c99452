export { AthletesPage } from './AthletesPage';
export { AthletePage } from './AthletePage';
export { NewAthletePage } from './NewAthletePage';
