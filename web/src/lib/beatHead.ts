/** Where the head of a beat is, in seconds of its pattern; null while nothing plays. It moves with every picture of the
 * screen, so it is told to whoever listens and is no state of a component. */
export class BeatHead {
  private at: number | null = null;
  private readonly listeners = new Set<() => void>();

  get now(): number | null {
    return this.at;
  }

  move(at: number | null): void {
    this.at = at;
    this.listeners.forEach((listener) => listener());
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
}
