export { DrillsPage } from './DrillsPage';
export { PathPage } from './PathPage';
export { TeachingPage } from './TeachingPage';
