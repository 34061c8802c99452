/**
 * Asks one question at a time and never an old one: what is asked while an answer is under way waits, and a newer question
 * takes its place. The last question always gets its answer.
 */
export class LatestAnswer<Question, Answer> {
  private waiting: { question: Question } | undefined;
  private busy = false;
  private round = 0;

  constructor(
    private readonly fetch: (question: Question) => Promise<Answer>,
    private readonly tell: (answer: Answer) => void,
    private readonly fail: (error: Error) => void,
  ) {}

  ask(question: Question): void {
    this.waiting = { question };
    if (!this.busy) {
      void this.run();
    }
  }

  /** What is under way is not told any more. */
  forget(): void {
    this.waiting = undefined;
    this.round += 1;
  }

  private async run(): Promise<void> {
    this.busy = true;
    while (this.waiting !== undefined) {
      const { question } = this.waiting;
      const { round } = this;
      this.waiting = undefined;
      try {
        const answer = await this.fetch(question);
        if (round === this.round) {
          this.tell(answer);
        }
      } catch (error) {
        if (round === this.round) {
          this.fail(error instanceof Error ? error : new Error(String(error)));
        }
      }
    }
    this.busy = false;
  }
}
