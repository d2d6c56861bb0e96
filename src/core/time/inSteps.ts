/** A computation with pauses, in which something else can be done. */
export type InSteps<T> = Generator<undefined, T>;

/**
 * What a computation with pauses comes to, without any.
 *
 * @example finished(writingSessionsInSteps(journal)).length
 */
export function finished<T>(steps: InSteps<T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
