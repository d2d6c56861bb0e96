import { isolationReports, type IsolationReport } from '../src/core/isolation/isolationReport';
import { reportsByPairs } from './isolationByPairs';
import { largeGarden } from './largeGarden';
import { ratioOf, report } from './ratio';

/** Largest relative difference of any share; throws where distances or verdicts are not the same. */
function differenceOf(fast: readonly IsolationReport[], plain: readonly IsolationReport[]): number {
  let most = 0;
  const compare = (a: number, b: number): void => {
    if (b > 0) most = Math.max(most, Math.abs(a / b - 1));
  };
  plain.forEach((wanted, i) => {
    const got = fast[i]!;
    if (got.verdict !== wanted.verdict) throw new Error(`${wanted.variety}: another verdict`);
    for (const [d, risk] of wanted.risks.entries()) {
      const other = got.risks[d];
      if (other?.id !== risk.id || Math.abs(other.metres - risk.metres) > 1e-9) {
        throw new Error(`${wanted.variety} and ${risk.id}: another distance`);
      }
      compare(other.share.share, risk.share.share);
      compare(other.share.low, risk.share.low);
      compare(other.share.high, risk.share.high);
    }
    compare(got.outcrossing?.share ?? 0, wanted.outcrossing?.share ?? 0);
  });
  return most;
}

/** The isolation report of a large garden against a plain loop over all pairs of its plants. */
export async function isolationBench(): Promise<void> {
  const [garden, double] = [largeGarden(3_000), largeGarden(6_000)];
  const off = differenceOf(isolationReports(garden), reportsByPairs(garden));
  report('largest difference of a share from the plain loop, in per cent', 100 * off, 1);
  const some = (question: typeof garden) => (): void => {
    for (let i = 0; i < 5; i += 1) isolationReports(question);
  };
  const pairs = (): void => {
    for (let i = 0; i < 5; i += 1) reportsByPairs(garden);
  };
  for (let i = 0; i < 10; i += 1) some(garden)();
  const against = await ratioOf(some(garden), pairs, { swept: false });
  report('isolation report at 3,000 plants against all pairs', against, 0.1);
  const doubled = await ratioOf(some(double), some(garden), { swept: false });
  report('isolation report at 6,000 plants against 3,000', doubled, 2.3);
}
