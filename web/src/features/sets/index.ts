export { GamesPage } from './game/GamesPage';
export { SetsPage } from './SetsPage';
export { RunPage } from './RunPage';
