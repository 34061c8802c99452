export { BeginPage } from './BeginPage';
export { JoinPage } from './JoinPage';
export { PeoplePage } from './PeoplePage';
export { SettingsPage } from './SettingsPage';
