import type { SeedSource } from '../crops/variety';
import type { Bloom, Plant, Variety } from '../journal/state';
import { isCovered } from '../journal/isCovered';
import { fatherPlants, pollinationsOf } from '../journal/pollinations';
import { reason, type Reason } from '../text/reason';
import { daysBetween } from '../time/calendar';
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
  | 'intact.insect'
  | 'intact.open'
  | 'pollen.unnamed'
  | 'pollen.otherVariety'
  | 'pollen.spoiled'
  | 'pollen.uncovered'
  | 'pollen.coveredLate'
  | 'pollen.otherMorning'
  | 'pollen.ownPlant'
  | 'pollen.clean'
  | 'closed.atOnce'
  | 'closed.leftOpen'
  | 'tag.present'
  | 'tag.gone'
  | 'tag.never'
  | 'tag.untilHarvest'
  | 'plants.motherOffType'
  | 'plants.fatherOffType'
  | 'plants.notTypical'
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
  readonly variety: Pick<Variety, 'variety' | 'seedSource'>;
  /** Male flowers by id, for the donors' own covers. */
  readonly males: ReadonlyMap<string, Bloom>;
  readonly plants: ReadonlyMap<string, Plant>;
  /** First opening of the crop's flowers on a day, UTC milliseconds; `undefined` when it cannot be calculated. */
  readonly opensOn: (day: Day) => number | undefined;
  /** Days for which a male's pollen is good besides its own. */
  readonly pollenKeeps: number;
}

const WORST_FIRST: readonly LinkState[] = ['broken', 'doubtful', 'unknown', 'pending'];

/**
 * Grades the purity of one fruit: a chain from the seed that was sown to the tag at harvest, as strong as its
 * weakest link. Common practice, no source. Isolation by distance, the other way to the same grade, is not
 * considered here.
 */
export function fruitPurity(evidence: PurityEvidence): Purity {
  const chain = [
    seedSourceLink(evidence.variety.seedSource),
    coverLink(evidence),
    intactLink(evidence.bloom),
    cleanPollenLink(evidence),
    closedAgainLink(evidence.bloom),
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
  if (opens === undefined) return link('cover', 'unknown', reason('cover.timeUnknown', method));
  if (Date.parse(bloom.cover.at) >= opens) return link('cover', 'broken', reason('cover.late', method));
  return link('cover', 'holds', reason('cover.before', { ...method, at: bloom.cover.at }));
}

/** How a flower can be found, the worst first. */
const FOUND_WORST_FIRST = ['open', 'insect', 'hole', 'wilted'] as const;

/** The worst that anybody found, at any pollination or where it was passed over. */
function intactLink(flower: Bloom): Link {
  if (!flower.pollination) return link('intact', 'pending', reason('pollination.notYet'));
  const found = [
    ...pollinationsOf(flower).map((pollination) => pollination.found),
    ...flower.reports.map(({ why }) => why),
  ];
  const worst = FOUND_WORST_FIRST.find((each) => found.includes(each));
  if (!worst) return link('intact', 'holds', reason('intact.shut'));
  return link('intact', worst === 'wilted' ? 'doubtful' : 'broken', reason(`intact.${worst}`));
}

function cleanPollenLink(evidence: PurityEvidence): Link {
  const { bloom, males, plants, variety, opensOn } = evidence;
  const pollinations = pollinationsOf(bloom);
  if (pollinations.length === 0) return link('cleanPollen', 'pending', reason('pollination.notYet'));
  const donors = pollinations.flatMap((each) => each.donors);
  if (donors.length === 0) return link('cleanPollen', 'unknown', reason('pollen.unnamed'));
  const foreign = donors.find(({ plant }) => {
    const of = plants.get(plant)?.variety;
    return of !== undefined && of !== variety.variety;
  });
  if (foreign) {
    return link('cleanPollen', 'broken', reason('pollen.otherVariety', { plant: foreign.plant }));
  }
  const covers = donors.map((donor) => males.get(donor.bloom));
  if (covers.some((male) => male?.spoiled)) return link('cleanPollen', 'broken', reason('pollen.spoiled'));
  if (covers.some((male) => male && !isCovered(male))) {
    return link('cleanPollen', 'broken', reason('pollen.uncovered'));
  }
  const fresh = freshMales(evidence);
  if (fresh.some(({ day, cover }) => Date.parse(cover!.at) >= (opensOn(day!) ?? Infinity))) {
    return link('cleanPollen', 'broken', reason('pollen.coveredLate'));
  }
  if (covers.some((male) => !male)) return link('cleanPollen', 'unknown', reason('pollen.unnamed'));
  // It opened under its cover on another day, or was not ripe: nobody looked at it on this one.
  if (fresh.length < covers.length) return link('cleanPollen', 'unknown', reason('pollen.otherMorning'));
  const own = donors.every(({ plant }) => plant === bloom.plant);
  const fathers = new Set(donors.map(({ plant }) => plant)).size;
  return link('cleanPollen', 'holds', own ? reason('pollen.ownPlant') : reason('pollen.clean', { fathers }));
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

function closedAgainLink(flower: Bloom): Link {
  const pollinations = pollinationsOf(flower);
  if (pollinations.length === 0) return link('closedAgain', 'pending', reason('pollination.notYet'));
  return pollinations.every(({ shutAgain }) => shutAgain)
    ? link('closedAgain', 'holds', reason('closed.atOnce'))
    : link('closedAgain', 'broken', reason('closed.leftOpen'));
}

/** A tag that was never tied, or is gone at a look or at harvest: nobody can say which fruit this is. */
function tagLink(flower: Bloom): Link {
  const { pollination, harvest, looks } = flower;
  if (!pollination) return link('tag', 'pending', reason('pollination.notYet'));
  if (harvest) return harvest.tagThere ? link('tag', 'holds', reason('tag.present')) : lostTag();
  if (looks.findLast(({ tag }) => tag)?.tag === 'gone') return lostTag();
  if (!pollinationsOf(flower).some(({ tagged }) => tagged)) return link('tag', 'broken', reason('tag.never'));
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
