export { ExchangePage } from './ExchangePage';
