export { ApiPage } from './ApiPage';
export { BeginPage } from './BeginPage';
export { ChangesPage } from './ChangesPage';
export { HelpHere } from './HelpHere';
export { HelpPage } from './HelpPage';
export { JoinPage } from './JoinPage';
export { PeoplePage } from './PeoplePage';
export { SettingsPage } from './SettingsPage';
