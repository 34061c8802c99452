export { HandOutPage } from './HandOutPage';

/** An athlete's phone needs nothing of the coach's. */
export const cardDoor = () => import('./CardPage');
