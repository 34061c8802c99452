import { vi } from 'vitest';

/** Stands in for the sound card: jsdom has none. */
class Silence {
  state = 'suspended';
  resume() {
    return Promise.resolve();
  }
  close() {
    return Promise.resolve();
  }
}

export function silence(): void {
  vi.stubGlobal('AudioContext', Silence);
}
