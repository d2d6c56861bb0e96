/** How often a job of the long run is done at most, and for how long: a slow machine does less of it, and says so. */
export class Budget {
  readonly #start = Date.now();

  constructor(
    readonly most: number,
    readonly minutes: number,
  ) {}

  /** Is there time left? */
  get left(): boolean {
    return Date.now() - this.#start < this.minutes * 60_000;
  }

  /** @returns how often the job was done. */
  times(job: (i: number) => void): number {
    let done = 0;
    while (done < this.most && this.left) {
      job(done);
      done += 1;
    }
    return done;
  }

  /** @returns how often the job was done, each after the one before. */
  async timesInTurn(job: (i: number) => Promise<void>): Promise<number> {
    let done = 0;
    while (done < this.most && this.left) {
      await job(done);
      done += 1;
    }
    return done;
  }

  /** A line of the report; faults end the run with an error. */
  told(what: string, faults = 0): string {
    if (faults > 0) process.exitCode = 1;
    const seconds = Math.round((Date.now() - this.#start) / 1000);
    return `${faults > 0 ? 'FAILED' : 'holds '}  ${what} (${seconds} s)`;
  }
}
