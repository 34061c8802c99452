export { BeatPage } from './beat/BeatPage';
export { ExplorerPage } from './jump/ExplorerPage';
export { FramesPage } from './jump/FramesPage';
export { ListenPage } from './recording/ListenPage';
export { SensorPage } from './sensor/SensorPage';
