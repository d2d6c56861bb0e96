import type { SeedSource } from '../crops/variety';
import type { Bloom, Plant, Pollination, Variety } from '../journal/state';
import type { Finding } from '../journal/kinds/round';
import { isCovered } from '../journal/isCovered';
import { isDoubtfulType } from '../journal/plantCondition';
import { fatherPlants, pollinationsOf } from '../journal/pollinations';
import type { CarriedPollen } from './brushed';
import type { Guard, GuardReason } from './guards';
import { reason, type Reason } from '../text/reason';
import { daysBetween, MS_PER_MINUTE, toMs } from '../time/calendar';
import type { Day } from '../time/types';

export type LinkName = 'seedSource' | 'cover' | 'intact' | 'cleanPollen' | 'closedAgain' | 'tag' | 'plants';

/**
 * How a link holds. `pending`: not yet known, since its time has not come. `unknown`: its time has passed and
 * nobody noted it.
 */
export type LinkState = 'holds' | 'pending' | 'unknown' | 'doubtful' | 'broken';

export type PurityReason =
  | `seed.${SeedSource}`
  | 'cover.none'
  | 'cover.late'
  | 'cover.before'
  | 'cover.timeUnknown'
  | 'pollination.notYet'
  | 'intact.shut'
  | 'intact.wilted'
  | 'intact.hole'
  | 'intact.torn'
  | 'intact.insect'
  | 'intact.open'
  | 'pollen.unnamed'
  | 'pollen.otherVariety'
  | 'pollen.spoiled'
  | 'pollen.uncovered'
  | 'pollen.coveredLate'
  | 'pollen.cutLate'
  | 'pollen.otherMorning'
  | 'pollen.brushNotNoted'
  | 'pollen.brushCarried'
  | 'pollen.ownPlant'
  | 'pollen.clean'
  | 'pollen.cutIndoors'
  | 'pollen.cleanEmasculated'
  | 'pollen.open'
  | 'pollen.otherThanMeant'
  | 'pollen.otherPlantThanMeant'
  | 'pollen.notEmasculated'
  | 'pollen.emasculatedLate'
  | GuardReason
  | 'closed.atOnce'
  | 'closed.leftOpen'
  | 'closed.openFor'
  | 'closed.beforeInsects'
  | 'closed.offTooEarly'
  | 'closed.offUnknown'
  | 'closed.offLater'
  | 'cover.offBefore'
  | 'tag.present'
  | 'tag.gone'
  | 'tag.hardToRead'
  | 'tag.never'
  | 'tag.untilHarvest'
  | 'plants.motherOffType'
  | 'plants.fatherOffType'
  | 'plants.notTypical'
  | 'plants.motherInDoubt'
  | 'plants.fatherInDoubt'
  | 'plants.typical'
  | 'plants.untilHarvest';

export interface Link {
  readonly link: LinkName;
  readonly state: LinkState;
  readonly reasons: readonly Reason<PurityReason>[];
}

/** Grades of a fruit's seed, best first. */
export type Grade = 'true' | 'likely' | 'doubtful' | 'notForSeed';

export interface Purity {
  readonly grade: Grade;
  /** Some links are still pending: the grade may yet fall. */
  readonly soFar: boolean;
  readonly chain: readonly Link[];
  /** The first of the links that decide the grade; `undefined` when all hold. */
  readonly weakest?: Link;
  /** A known cross of two varieties, mother first. */
  readonly cross?: { readonly mother: string; readonly father: string };
}

/** What the chain of one fruit is judged from. */
export interface PurityEvidence {
  readonly bloom: Bloom;
  readonly variety: Pick<Variety, 'variety'>;
  /** The variety that was to father it; its own for a pure line. */
  readonly father: string;
  /** The plants that alone were to father it, where a cross names them. */
  readonly fathers?: readonly string[] | undefined;
  readonly seedSource: SeedSource;
  /** What kept unwanted pollen from a bloom besides its own cover. */
  readonly guardOf: (bloom: Bloom) => Guard | undefined;
  /** Male flowers by id, for the donors' own covers. */
  readonly males: ReadonlyMap<string, Bloom>;
  readonly plants: ReadonlyMap<string, Plant>;
  /** First opening of the crop's flowers on a day, UTC milliseconds; `undefined` when it cannot be calculated. */
  readonly opensOn: (day: Day) => number | undefined;
  /**
   * From when on a day insects bring pollen, UTC milliseconds; `undefined` when that cannot be calculated, or wind
   * brings it.
   */
  readonly insectsOn: (day: Day) => number | undefined;
  /** What a brush brought to the bloom from flowers before. */
  readonly carried: CarriedPollen | undefined;
  /** The last day on which it may have taken pollen; `undefined` where that is not known. */
  readonly receptiveUntil: Day | undefined;
  /** Days for which a male's pollen is good besides its own. */
  readonly pollenKeeps: number;
}

/** States of a link that does not hold. */
export const WORST_FIRST: readonly LinkState[] = ['broken', 'doubtful', 'unknown', 'pending'];

/**
 * Grades the purity of one fruit: a chain from the seed that was sown to the tag at harvest, as strong as its
 * weakest link. Common practice, no source. Where the bloom or a male had no cover of its own, a cage or the distance
 * from all that can cross may take its place.
 */
export function fruitPurity(evidence: PurityEvidence): Purity {
  const chain = [
    seedSourceLink(evidence.seedSource),
    guarded(coverLink(evidence), evidence),
    guarded(intactLink(evidence.bloom), evidence),
    cleanPollenLink(evidence),
    guarded(closedAgainLink(evidence), evidence),
    tagLink(evidence.bloom),
    plantsLink(evidence),
  ];
  const worst = WORST_FIRST.find((state) => chain.some((link) => link.state === state));
  const weakest = chain.find((link) => link.state === worst);
  const father = fatherVariety(evidence);
  return {
    grade: gradeOf(worst),
    soFar: chain.some(({ state }) => state === 'pending'),
    chain,
    ...(weakest && { weakest }),
    ...(father && { cross: { mother: evidence.variety.variety, father } }),
  };
}

function gradeOf(worst: LinkState | undefined): Grade {
  switch (worst) {
    case 'broken':
      return 'notForSeed';
    case 'doubtful':
      return 'doubtful';
    case 'unknown':
      return 'likely';
    default:
      return 'true';
  }
}

const link = (name: LinkName, state: LinkState, ...reasons: Reason<PurityReason>[]): Link => ({
  link: name,
  state,
  reasons,
});

function seedSourceLink(source: SeedSource): Link {
  const states: Record<SeedSource, LinkState> = {
    ownGuarded: 'holds',
    boughtLine: 'holds',
    swapped: 'unknown',
    unknown: 'unknown',
    openGarden: 'doubtful',
    f1: 'broken',
  };
  return link('seedSource', states[source], reason(`seed.${source}` as const));
}

function coverLink({ bloom, opensOn }: PurityEvidence): Link {
  if (!isCovered(bloom)) return link('cover', 'broken', reason('cover.none'));
  const opens = bloom.day === undefined ? undefined : opensOn(bloom.day);
  const method = { method: bloom.cover.method };
  if (wasUncoveredBefore(bloom)) return link('cover', 'broken', reason('cover.offBefore', method));
  if (opens === undefined) return link('cover', 'unknown', reason('cover.timeUnknown', method));
  if (Date.parse(bloom.cover.at) >= opens) return link('cover', 'broken', reason('cover.late', method));
  return link('cover', 'holds', reason('cover.before', { ...method, at: bloom.cover.at }));
}

/** Was its cover off before it got any pollen? */
const wasUncoveredBefore = ({ uncovered, pollination }: Bloom): boolean =>
  uncovered !== undefined && (!pollination || toMs(uncovered.at) < toMs(pollination.at));

/** A link that lacks a cover holds as far as what stands round the bloom does. */
function guarded(own: Link, { bloom, guardOf }: Pick<PurityEvidence, 'bloom' | 'guardOf'>): Link {
  if (own.state === 'holds' || own.state === 'pending') return own;
  const guard = guardOf(bloom);
  if (!guard || rank(guard.state) <= rank(own.state)) return own;
  if (own.link === 'intact' && !keepsOut(bloom, guard)) return own;
  return link(own.link, guard.state, guard.reason);
}

/** The worse, the lower. */
const rank = (state: LinkState): number => {
  const at = WORST_FIRST.indexOf(state);
  return at < 0 ? WORST_FIRST.length : at;
};

/** An insect in a cage got in all the same; at a distance it brings only pollen of the variety. */
const keepsOut = (bloom: Bloom, { by }: Guard): boolean =>
  by === 'distance' || pollinationsOf(bloom).every(({ found }) => found !== 'insect' && found !== 'hole');

/** How a flower can be found, the worst first. */
const FOUND_WORST_FIRST = ['open', 'insect', 'hole', 'torn', 'wilted'] as const;
/** Found so, nobody saw that anything got in. */
const FOUND_DOUBTFUL: readonly Finding[] = ['torn', 'wilted'];

/** The worst that anybody found, at any pollination or where it was passed over. */
function intactLink(flower: Bloom): Link {
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

function cleanPollenLink(evidence: PurityEvidence): Link {
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

/**
 * What the cover did after the last pollen. Off on a day on which the bloom could still take pollen it let insects in;
 * where nobody knows the day, it may have been then.
 */
function stayedShut({ bloom, receptiveUntil }: PurityEvidence): Link | undefined {
  const { uncovered } = bloom;
  if (!uncovered || wasUncoveredBefore(bloom)) return undefined;
  const last = pollinationsOf(bloom).at(-1);
  const from = last?.day ?? bloom.day;
  const found = { found: uncovered.found };
  const { day } = uncovered;
  if (receptiveUntil === undefined || from === undefined)
    return link('closedAgain', 'unknown', reason('closed.offUnknown', found));
  if (day !== undefined) {
    if (day > receptiveUntil) return link('closedAgain', 'holds', reason('closed.offLater', found));
    const state = uncovered.found === 'whole' || uncovered.found === 'off' ? 'broken' : 'doubtful';
    return link('closedAgain', state, reason('closed.offTooEarly', { ...found, day }));
  }
  return link(
    'closedAgain',
    receptiveUntil > from ? 'doubtful' : 'unknown',
    reason('closed.offUnknown', found),
  );
}

function closedAgainLink(evidence: PurityEvidence): Link {
  const { bloom, insectsOn } = evidence;
  const pollinations = pollinationsOf(bloom);
  if (bloom.role === 'open') return link('closedAgain', 'broken', reason('closed.leftOpen'));
  if (pollinations.length === 0) return link('closedAgain', 'pending', reason('pollination.notYet'));
  if (pollinations.some(({ shutAgain }) => !shutAgain))
    return link('closedAgain', 'broken', reason('closed.leftOpen'));
  const after = stayedShut(evidence);
  if (after && after.state !== 'holds') return after;
  const exposed = pollinations.filter(({ openMinutes = 0 }) => openMinutes > 0);
  if (exposed.length === 0) return after ?? link('closedAgain', 'holds', reason('closed.atOnce'));
  const minutes = Math.max(...exposed.map(({ openMinutes = 0 }) => openMinutes));
  const wasBeforeInsects = exposed.every(({ at, day = bloom.day, openMinutes = 0 }) => {
    const insects = day === undefined ? undefined : insectsOn(day);
    return insects !== undefined && toMs(at) + openMinutes * MS_PER_MINUTE <= insects;
  });
  return wasBeforeInsects
    ? link('closedAgain', 'holds', reason('closed.beforeInsects', { minutes }))
    : link('closedAgain', 'doubtful', reason('closed.openFor', { minutes }));
}

/**
 * A tag that was never tied, or is gone at a look or at harvest: nobody can say which fruit this is. One that is hard to
 * read may be that of another.
 */
function tagLink(flower: Bloom): Link {
  const { pollination, harvest, looks } = flower;
  const kept = flower.role === 'open' && flower.code !== '';
  if (!pollination && !kept) return link('tag', 'pending', reason('pollination.notYet'));
  const seen = looks.findLast(({ tag }) => tag)?.tag;
  if (harvest && !harvest.tagThere) return lostTag();
  if (!harvest && seen === 'gone') return lostTag();
  if (seen === 'hardToRead') return link('tag', 'doubtful', reason('tag.hardToRead'));
  if (harvest) return link('tag', 'holds', reason('tag.present'));
  if (!kept && !pollinationsOf(flower).some(({ tagged }) => tagged))
    return link('tag', 'broken', reason('tag.never'));
  return link('tag', 'pending', reason('tag.untilHarvest'));
}

/**
 * Were mother and fathers true to the variety? One rogued as off-type was off-type on the day of its pollen too; one
 * that died was not.
 */
function plantsLink({ bloom, plants }: PurityEvidence): Link {
  const offType = (plant: string): boolean => plants.get(plant)?.removed?.why === 'offType';
  if (offType(bloom.plant)) return link('plants', 'broken', reason('plants.motherOffType'));
  const father = fatherPlants(bloom).find(offType);
  if (father !== undefined)
    return link('plants', 'broken', reason('plants.fatherOffType', { plant: father }));
  const inDoubt = (plant: string): boolean => isDoubtfulType(plants.get(plant) ?? {});
  const doubtful = fatherPlants(bloom).find(inDoubt);
  if (doubtful !== undefined)
    return link('plants', 'doubtful', reason('plants.fatherInDoubt', { plant: doubtful }));
  const noted = plants.get(bloom.plant)?.noted;
  // Whether she is true is asked again at harvest, when the fruit shows it too.
  if (inDoubt(bloom.plant) && !(bloom.harvest && toMs(bloom.harvest.at) > toMs(noted!.at)))
    return link('plants', 'doubtful', reason('plants.motherInDoubt'));
  if (!bloom.harvest) return link('plants', 'pending', reason('plants.untilHarvest'));
  return bloom.harvest.typical
    ? link('plants', 'holds', reason('plants.typical'))
    : link('plants', 'doubtful', reason('plants.notTypical'));
}

const lostTag = (): Link => link('tag', 'broken', reason('tag.gone'));

/** The father's variety where it is one other variety throughout. */
function fatherVariety({ bloom, plants, variety }: PurityEvidence): string | undefined {
  const fathers = new Set(
    pollinationsOf(bloom)
      .flatMap(({ donors }) => donors)
      .map(({ plant }) => plants.get(plant)?.variety),
  );
  const [father] = fathers;
  return fathers.size === 1 && father !== undefined && father !== variety.variety ? father : undefined;
}
