import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';

/**
 * Ratios of runs taken in turn, each run against the one next to it, so that a machine whose speed changes between
 * one minute and the next treats both alike. Before each run what the one before left behind is swept up, so that
 * nobody pays for another's garbage.
 */

setFlagsFromString('--expose-gc');
const sweep = runInNewContext('gc') as () => void;

const RUNS = 7;

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1]!;

/**
 * The time of `subject` against that of `reference`: the median of seven ratios, each of two runs side by side,
 * after one of each that does not count.
 *
 * @param options `swept: false` for jobs that leave little behind: sweeping also throws away compiled code. `runs`: fewer,
 *   where the reference takes long.
 */
export async function ratioOf(
  subject: () => unknown,
  reference: () => unknown,
  { swept = true, runs = RUNS }: { readonly swept?: boolean; readonly runs?: number } = {},
): Promise<number> {
  const time = async (job: () => unknown): Promise<number> => {
    if (swept) sweep();
    const start = process.hrtime.bigint();
    await job();
    return Number(process.hrtime.bigint() - start);
  };
  await time(subject);
  await time(reference);
  const ratios: number[] = [];
  for (let run = 0; run < runs; run += 1) ratios.push((await time(subject)) / (await time(reference)));
  return median(ratios);
}

let missed = 0;

/** Prints a ratio and its bound. */
export function report(what: string, ratio: number, bound: number): void {
  const holds = ratio <= bound;
  if (!holds) missed += 1;
  console.log(
    `${holds ? 'holds ' : 'MISSED'}  ${ratio.toFixed(2).padStart(6)} ≤ ${bound.toFixed(2)}  ${what}`,
  );
}

export const missedBounds = (): number => missed;
