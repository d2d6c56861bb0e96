import type { Donor } from '../../journal/kinds/stops';
import type { Bloom, Pollination } from '../../journal/state';
import { isStand } from '../../journal/plantCondition';
import { isCovered } from '../../journal/isCovered';
import { getsItsOwn, pollinationsOf } from '../../journal/pollinations';
import { reason } from '../../text/reason';
import { daysBetween, toMs } from '../../time/calendar';
import { guarded, keepsOut, type Link, link, type PurityEvidence, worstOf } from '../chain';
import { uncoveringsOf } from './cover';
import { isCross, isOwnInstead } from '../ownInstead';

/** Whose pollen came, and how it was kept: the worst of all that is known of any of it. */
export function cleanPollenLink(asMeant: PurityEvidence): Link {
  const isOwn = isOwnInstead(asMeant);
  const evidence = isOwn ? { ...asMeant, father: asMeant.variety.variety, fathers: undefined } : asMeant;
  const { bloom } = evidence;
  const pollinations = pollinationsOf(bloom);
  if (bloom.role === 'open') return guarded(link('cleanPollen', 'broken', reason('pollen.open')), evidence);
  if (pollinations.length === 0) return link('cleanPollen', 'pending', reason('pollination.notYet'));
  return worstOf([
    asGiven(evidence, isOwn),
    ...foundOfDonors(evidence),
    ...foundOfMales(evidence),
    ...foundOfTool(evidence),
    ...foundOfFlowersBefore(evidence),
    ...foundOfOwnAnthers(evidence),
    ...foundOfControls(evidence),
  ]);
}

const donorsOf = ({ bloom }: PurityEvidence): readonly Donor[] =>
  pollinationsOf(bloom).flatMap(({ donors }) => donors);

/** The males that gave pollen, as far as they are known by themselves. */
const malesOf = (evidence: PurityEvidence): readonly Bloom[] =>
  donorsOf(evidence).flatMap((donor) => evidence.males.get(donor.bloom) ?? []);

/** Where nothing is known against it. */
function asGiven(evidence: PurityEvidence, isOwn: boolean): Link {
  const { bloom } = evidence;
  const donors = donorsOf(evidence);
  // Of a stand that nobody numbers it is another of its plants.
  const isOfStand = isStand(evidence.plants.get(bloom.plant) ?? { count: 1 });
  const selfed = !isOfStand && donors.every(({ plant }) => plant === bloom.plant);
  const fathers = new Set(donors.map(({ plant }) => plant)).size;
  if (getsItsOwn(bloom, donors)) return link('cleanPollen', 'holds', reason('pollen.ownFlower'));
  return link(
    'cleanPollen',
    'holds',
    selfed
      ? reason('pollen.ownPlant')
      : reason(bloom.emasculated ? 'pollen.cleanEmasculated' : 'pollen.clean', { fathers }),
    ...(malesOf(evidence).some(({ cover }) => cover?.method === 'indoors')
      ? [reason('pollen.cutIndoors' as const)]
      : []),
    // How old it is says something of its vigour, and nothing of whose it is.
    ...(freshMales(evidence).length < malesOf(evidence).length
      ? [reason('pollen.otherMorning' as const)]
      : []),
    ...(isOwn ? [reason('pollen.ownInstead' as const)] : []),
  );
}

/** Whose pollen it was. */
function foundOfDonors(evidence: PurityEvidence): Link[] {
  const { bloom, males, plants, father, fathers, variety } = evidence;
  const donors = donorsOf(evidence);
  const found: Link[] = [];
  const foreign = donors.find(({ plant }) => {
    const of = plants.get(plant)?.variety;
    return of !== undefined && of !== father;
  });
  if (foreign) {
    const code = father === variety.variety ? 'pollen.otherVariety' : 'pollen.otherThanMeant';
    found.push(link('cleanPollen', 'broken', reason(code, { plant: foreign.plant })));
  }
  const other = donors.find(({ plant }) => plant !== '' && fathers?.includes(plant) === false);
  if (other)
    found.push(link('cleanPollen', 'doubtful', reason('pollen.otherPlantThanMeant', { plant: other.plant })));
  // One pollination of which nobody noted the males is enough.
  const isUnnamed =
    pollinationsOf(bloom).some((each) => each.donors.length === 0) ||
    donors.some(({ plant }) => plant === '');
  if (isUnnamed) found.push(link('cleanPollen', 'unknown', reason('pollen.unnamed')));
  // Of a plant that is named any male may have been taken.
  else if (donors.some((donor) => !males.has(donor.bloom)))
    found.push(link('cleanPollen', 'unknown', reason('pollen.anyMale')));
  return found;
}

/** How the males were kept. */
function foundOfMales(evidence: PurityEvidence): Link[] {
  const { bloom, opensOn, guardsOf } = evidence;
  const pollinations = pollinationsOf(bloom);
  const males = malesOf(evidence);
  const found: Link[] = [];
  // One that somebody did not find was found by who used it.
  if (males.some(({ spoiled }) => spoiled && spoiled.why !== 'notFound'))
    found.push(link('cleanPollen', 'broken', reason('pollen.spoiled')));
  for (const male of males)
    if ((!isCovered(male) || wasOffBeforeUse(male, pollinations)) && !isGuarded(male, guardsOf))
      found.push(
        guarded(link('cleanPollen', 'broken', reason('pollen.uncovered')), { bloom: male, guardsOf }),
      );
  for (const male of males) {
    const opens = male.day === undefined ? undefined : opensOn(male.day, male.plant);
    if (!isCovered(male) || toMs(male.cover.at) < (opens ?? Infinity)) continue;
    const code = male.cover.method === 'indoors' ? 'pollen.cutLate' : 'pollen.coveredLate';
    found.push(guarded(link('cleanPollen', 'broken', reason(code)), { bloom: male, guardsOf }));
  }
  return found;
}

/** What a brush brought along. */
function foundOfTool({ carried }: PurityEvidence): Link[] {
  if (!carried) return [];
  const of = { variety: carried.variety };
  return [
    carried.noted
      ? link('cleanPollen', 'doubtful', reason('pollen.brushCarried', of))
      : link('cleanPollen', 'unknown', reason('pollen.brushNotNoted', of)),
  ];
}

/** What males and brush were in before. At a distance insects bring only pollen of the variety. */
const foundOfFlowersBefore = ({ visitedBefore, guardsOf }: PurityEvidence): Link[] =>
  visitedBefore.map((female) =>
    guarded(link('cleanPollen', 'doubtful', reason('pollen.visitedBefore')), {
      bloom: female,
      guardsOf: (bloom) => guardsOf(bloom).filter((guard) => keepsOut(bloom, guard)),
    }),
  );

/** Was the cover of what gave pollen off before it gave any? */
const wasOffBeforeUse = (male: Bloom, pollinations: readonly Pollination[]): boolean =>
  uncoveringsOf(male).some((off) =>
    pollinations.some(
      ({ at, donors }) => toMs(off.at) < toMs(at) && donors.some(({ bloom }) => bloom === male.bloom),
    ),
  );

const isGuarded = (male: Bloom, guardsOf: PurityEvidence['guardsOf']): boolean =>
  guardsOf(male)[0]?.state === 'holds';

/** A perfect flower that is to be crossed must have lost its anthers before it opened. */
function foundOfOwnAnthers({ bloom, father, variety, opensOn }: PurityEvidence): Link[] {
  if (father === variety.variety || bloom.sex !== 'perfect') return [];
  if (!bloom.emasculated) return [link('cleanPollen', 'doubtful', reason('pollen.notEmasculated'))];
  const opens = bloom.day === undefined ? undefined : opensOn(bloom.day, bloom.plant);
  return opens !== undefined && Date.parse(bloom.emasculated.at) >= opens
    ? [link('cleanPollen', 'doubtful', reason('pollen.emasculatedLate'))]
    : [];
}

/**
 * What set though nobody pollinated it got pollen from elsewhere, and so may have its sisters of the batch: their own,
 * which spoils a cross, or, of a flower without anthers, that of somebody else.
 */
const foundOfControls = (evidence: PurityEvidence): Link[] => {
  const { bloom, controls } = evidence;
  return controls.set > 0 && (isCross(evidence) || bloom.sex === 'female')
    ? [
        link(
          'cleanPollen',
          'doubtful',
          reason('pollen.controlsSet', { set: controls.set, of: controls.looked }),
        ),
      ]
    : [];
};

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
