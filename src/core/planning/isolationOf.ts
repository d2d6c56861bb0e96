import type { IsolationVerdict } from '../isolation/isolationReport';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import type { Day } from '../time/types';
import { gardenPlan, varietyReports, type VarietyReport } from './gardenPlan';

/**
 * The verdict on each variety; of several plantings on the one most at risk.
 *
 * @example verdictsOf(varietyReports(plan)).get('v') // 'isolated'
 */
export const verdictsOf = (reports: readonly VarietyReport[]): ReadonlyMap<string, IsolationVerdict> =>
  // The most at risk come first, and so count last.
  new Map(reports.toReversed().map(({ variety, isolation }) => [variety.variety, isolation.verdict]));

/**
 * The verdict on each variety where nothing is covered, as of a day; of several plantings on the one most at risk. It
 * takes all plants of the garden, and is found when it is first asked for.
 *
 * @example isolationOf(journal, garden, today)('v') // 'isolated'
 */
export function isolationOf(
  journal: Journal,
  garden: Garden,
  today: Day,
): (variety: string) => IsolationVerdict | undefined {
  let verdicts: ReadonlyMap<string, IsolationVerdict> | undefined;
  return (variety) => {
    verdicts ??= verdictsOf(varietyReports(gardenPlan(journal, garden, today)));
    return verdicts.get(variety);
  };
}
