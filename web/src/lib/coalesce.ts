/**
 * Runs a task at most once at a time and at most once per gap. A call while it runs, or within the gap, is not lost: it
 * leads to exactly one more run afterwards.
 */
export class Coalesced {
  private running = false;
  private again = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly task: () => Promise<void>,
    private readonly gapMs: number,
  ) {}

  call(): void {
    if (this.running) {
      this.again = true;
      return;
    }
    this.running = true;
    void this.task().finally(() => {
      this.timer = setTimeout(() => {
        this.running = false;
        if (this.again) {
          this.again = false;
          this.call();
        }
      }, this.gapMs);
    });
  }

  end(): void {
    clearTimeout(this.timer);
    this.running = true;
  }
}
