import type { PollinateStop } from '../../journal/kinds/stops';
import { getsItsOwn, pollinationsOf, reportOn } from '../../journal/pollinations';
import type { Operation } from './operation';

/** One female gets pollen. */
export const POLLINATE: Operation<PollinateStop> = {
  fields: ['bloom', 'donors'],
  blooms: ({ bloom }) => [bloom],
  mother: ({ bloom }) => bloom,
  donors: ({ donors }) => donors,
  malesHeld: ({ donors }) => donors.map(({ bloom }) => bloom),
  // In its bag a flower's own pollen comes on no hands.
  pollen: ({ bloom, donors, father, variety }) =>
    getsItsOwn({ bloom }, donors) ? undefined : (father ?? variety),
  lasts: (_stop, { pollinate }) => pollinate,
  canBeLate: true,
  wrong: ['notYet', 'hole', 'open', 'insect', 'wilted', 'broke', 'notFound'],
  became({ bloom, application = 1 }, { blooms, day }) {
    const flower = blooms.get(bloom);
    if (!flower) return undefined;
    const pollination = pollinationsOf(flower).find((each) => each.application === application);
    if (pollination) return { entry: pollination.entry, at: pollination.at, outcome: 'done' };
    const report = reportOn(flower, day);
    return report && { entry: report.entry, at: report.at, outcome: report.why };
  },
};
