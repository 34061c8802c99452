/** Web Locks as the standard has them, as far as the outbox uses them: one holder of a name at a time. jsdom has none. */
export function lockingNavigator(): void {
  const queues = new Map<string, Promise<unknown>>();
  const request = <T>(name: string, work: () => Promise<T>): Promise<T> => {
    const before = queues.get(name) ?? Promise.resolve();
    const mine = before.then(work, work);
    queues.set(
      name,
      mine.catch(() => undefined),
    );
    return mine;
  };
  Object.defineProperty(globalThis.navigator, 'locks', { value: { request }, configurable: true });
}
