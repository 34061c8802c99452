export { ComingPlace } from './ComingPlace';
