const KEY = 'zumbo-single-keys';

/** Whether keys of one letter do something: who dictates to the machine may want them off (WCAG 2.1.4). */
export function hasSingleKeys(): boolean {
  return localStorage.getItem(KEY) !== 'off';
}

export function keepSingleKeys(on: boolean): void {
  localStorage.setItem(KEY, on ? 'on' : 'off');
}
