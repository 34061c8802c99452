export { RopesPage } from './RopesPage';
export { RopeBenchPage } from './RopeBenchPage';
