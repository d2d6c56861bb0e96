import { pollinationsOf } from '../../journal/pollinations';
import type { Bloom } from '../../journal/state';
import type { Finding } from '../../journal/kinds/roundBodies';
import { reason } from '../../text/reason';
import { type Link, link } from '../chain';

/** How a flower can be found, the worst first. */
const FOUND_WORST_FIRST = ['open', 'insect', 'hole', 'torn', 'wilted'] as const;

/** Found so, nobody saw that anything got in. */
const FOUND_DOUBTFUL: readonly Finding[] = ['torn', 'wilted'];

/** The worst that anybody found, at any pollination or where it was passed over. */
export function intactLink(flower: Bloom): Link {
  if (flower.role === 'open') return link('intact', 'broken', reason('intact.open'));
  if (!flower.pollination) return link('intact', 'pending', reason('pollination.notYet'));
  const found = [
    ...pollinationsOf(flower).map((pollination) => pollination.found),
    ...flower.reports.map(({ why }) => why),
  ];
  const worst = FOUND_WORST_FIRST.find((each) => found.includes(each));
  if (!worst) return link('intact', 'holds', reason('intact.shut'));
  return link('intact', FOUND_DOUBTFUL.includes(worst) ? 'doubtful' : 'broken', reason(`intact.${worst}`));
}
