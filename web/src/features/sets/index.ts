export { GamesPage } from './games/GamesPage';
export { SetsPage } from './SetsPage';
export { RunPage } from './RunPage';
