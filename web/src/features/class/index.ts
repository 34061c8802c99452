export { ClassPage } from './ClassPage';
