import 'fake-indexeddb/auto';
import '@testing-library/jest-dom/vitest';
import { cleanup, configure } from '@testing-library/react';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, vi } from 'vitest';

// jsdom has neither; Ant Design asks for both. Nothing slides: a test would have to wait for it.
vi.stubGlobal('matchMedia', (query: string) => ({
  matches: query === '(prefers-reduced-motion: reduce)',
  media: query,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
  addListener: () => undefined,
  removeListener: () => undefined,
  dispatchEvent: () => false,
}));
vi.stubGlobal(
  'ResizeObserver',
  class {
    observe() {
      return undefined;
    }
    unobserve() {
      return undefined;
    }
    disconnect() {
      return undefined;
    }
  },
);

// As long as it takes on a busy machine: what fails must fail for a reason.
configure({ asyncUtilTimeout: 6000 });

afterEach(cleanup);

// One memory for all files of a worker: what one of them kept is no other's.
vi.stubGlobal('indexedDB', new IDBFactory());
localStorage.clear();
sessionStorage.clear();

// jsdom scrolls nothing.
Element.prototype.scrollIntoView = () => undefined;
