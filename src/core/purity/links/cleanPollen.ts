import type { Bloom, Pollination } from '../../journal/state';
import { isCovered } from '../../journal/isCovered';
import { pollinationsOf } from '../../journal/pollinations';
import { reason } from '../../text/reason';
import { daysBetween, toMs } from '../../time/calendar';
import { guarded, type Link, link, type PurityEvidence } from '../chain';

export function cleanPollenLink(evidence: PurityEvidence): Link {
  const { bloom, males, plants, father, variety, opensOn, guardOf } = evidence;
  const pollinations = pollinationsOf(bloom);
  if (bloom.role === 'open') return guarded(link('cleanPollen', 'broken', reason('pollen.open')), evidence);
  if (pollinations.length === 0) return link('cleanPollen', 'pending', reason('pollination.notYet'));
  const donors = pollinations.flatMap((each) => each.donors);
  if (donors.length === 0) return link('cleanPollen', 'unknown', reason('pollen.unnamed'));
  const foreign = donors.find(({ plant }) => {
    const of = plants.get(plant)?.variety;
    return of !== undefined && of !== father;
  });
  if (foreign) {
    const code = father === variety.variety ? 'pollen.otherVariety' : 'pollen.otherThanMeant';
    return link('cleanPollen', 'broken', reason(code, { plant: foreign.plant }));
  }
  const covers = donors.map((donor) => males.get(donor.bloom));
  if (covers.some((male) => male?.spoiled)) return link('cleanPollen', 'broken', reason('pollen.spoiled'));
  const bare = covers.find(
    (male) => male && (!isCovered(male) || wasOffBeforeUse(male, pollinations)) && !isGuarded(male, guardOf),
  );
  if (bare)
    return guarded(link('cleanPollen', 'broken', reason('pollen.uncovered')), { bloom: bare, guardOf });
  const fresh = freshMales(evidence);
  const late = fresh.find(
    (male) => isCovered(male) && Date.parse(male.cover.at) >= (opensOn(male.day!) ?? Infinity),
  );
  if (late) {
    const code = late.cover?.method === 'indoors' ? 'pollen.cutLate' : 'pollen.coveredLate';
    return guarded(link('cleanPollen', 'broken', reason(code)), { bloom: late, guardOf });
  }
  const other = donors.find(({ plant }) => plant !== '' && evidence.fathers?.includes(plant) === false);
  if (other)
    return link('cleanPollen', 'doubtful', reason('pollen.otherPlantThanMeant', { plant: other.plant }));
  const own = ownPollenLink(evidence);
  if (own) return own;
  const { carried } = evidence;
  if (carried?.noted)
    return link('cleanPollen', 'doubtful', reason('pollen.brushCarried', { variety: carried.variety }));
  if (covers.some((male) => !male)) return link('cleanPollen', 'unknown', reason('pollen.unnamed'));
  // It opened under its cover on another day, or was not ripe: nobody looked at it on this one.
  if (fresh.length < covers.length) return link('cleanPollen', 'unknown', reason('pollen.otherMorning'));
  if (carried)
    return link('cleanPollen', 'unknown', reason('pollen.brushNotNoted', { variety: carried.variety }));
  const selfed = donors.every(({ plant }) => plant === bloom.plant);
  const fathers = new Set(donors.map(({ plant }) => plant)).size;
  return link(
    'cleanPollen',
    'holds',
    selfed
      ? reason('pollen.ownPlant')
      : reason(bloom.emasculated ? 'pollen.cleanEmasculated' : 'pollen.clean', { fathers }),
    ...(covers.some((male) => male?.cover?.method === 'indoors')
      ? [reason('pollen.cutIndoors' as const)]
      : []),
  );
}

/** Was the cover of what gave pollen off before it gave any? */
const wasOffBeforeUse = ({ bloom: id, uncovered }: Bloom, pollinations: readonly Pollination[]): boolean =>
  uncovered !== undefined &&
  pollinations.some(
    ({ at, donors }) => toMs(uncovered.at) < toMs(at) && donors.some(({ bloom }) => bloom === id),
  );

const isGuarded = (male: Bloom, guardOf: PurityEvidence['guardOf']): boolean =>
  guardOf(male)?.state === 'holds';

/** A perfect flower that is to be crossed must have lost its anthers before it opened. */
function ownPollenLink({ bloom, father, variety, opensOn }: PurityEvidence): Link | undefined {
  if (father === variety.variety || bloom.sex !== 'perfect') return undefined;
  if (!bloom.emasculated) return link('cleanPollen', 'doubtful', reason('pollen.notEmasculated'));
  const opens = bloom.day === undefined ? undefined : opensOn(bloom.day);
  return opens !== undefined && Date.parse(bloom.emasculated.at) >= opens
    ? link('cleanPollen', 'doubtful', reason('pollen.emasculatedLate'))
    : undefined;
}

/** The males whose own day, or days as long as their pollen keeps, was that of the pollination. */
function freshMales({ bloom, males, pollenKeeps }: PurityEvidence): Bloom[] {
  return pollinationsOf(bloom).flatMap(({ day = bloom.day, donors }) =>
    donors.flatMap((donor) => {
      const male = males.get(donor.bloom);
      if (!male || day === undefined || male.day === undefined) return [];
      const age = daysBetween(male.day, day);
      return age >= 0 && age <= pollenKeeps ? [male] : [];
    }),
  );
}
