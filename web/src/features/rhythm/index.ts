export { BeatPage } from './BeatPage';
export { ExplorerPage } from './ExplorerPage';
export { FramesPage } from './FramesPage';
export { ListenPage } from './ListenPage';
export { SensorPage } from './SensorPage';
