import type { Purpose, SeedSource } from '../journal/entry';
import type { Flower, Plant, Variety } from '../journal/state';
import { reason, type Reason } from '../reason';

export type LinkName = 'seedSown' | 'covered' | 'intact' | 'cleanMales' | 'shutAtOnce' | 'tagThere';

/**
 * How a link holds. `open`: not yet known, since its time has not come. `unknown`: its time has passed and
 * nobody noted it.
 */
export type LinkState = 'sound' | 'open' | 'unknown' | 'doubtful' | 'broken';

export interface Link {
  readonly link: LinkName;
  readonly state: LinkState;
  readonly reasons: readonly Reason[];
}

/** Grades of a fruit's seed, best first. */
export type Grade = 'true' | 'likely' | 'doubtful' | 'notForSeed';

export interface Purity {
  readonly grade: Grade;
  /** All links so far hold, yet not all are known: the grade may still fall. */
  readonly soFar: boolean;
  readonly chain: readonly Link[];
  /** The first of the links that decide the grade; `undefined` when all are sound. */
  readonly weakest?: Link;
  /** A known cross of two varieties, mother first. */
  readonly cross?: { readonly mother: string; readonly father: string };
}

/** What the chain of one fruit is judged from. */
export interface PurityEvidence {
  readonly flower: Flower;
  readonly variety: Pick<Variety, 'variety' | 'seedSource'>;
  /** Male flowers by id, for the donors' own covers. */
  readonly males: ReadonlyMap<string, Flower>;
  readonly plants: ReadonlyMap<string, Plant>;
  /** First opening on the flower's morning, UTC milliseconds; `undefined` when it cannot be reckoned. */
  readonly opens: number | undefined;
}

const WORST_FIRST: readonly LinkState[] = ['broken', 'doubtful', 'unknown', 'open'];

/**
 * Grades the purity of one fruit: a chain from the seed that was sown to the tag at harvest, as strong as its
 * weakest link. Common practice, no source. Isolation by distance, the other way to the same grade, is not
 * weighed here.
 */
export function fruitPurity(evidence: PurityEvidence): Purity {
  const chain = [
    seedSown(evidence.variety.seedSource),
    covered(evidence),
    intact(evidence.flower),
    cleanMales(evidence),
    shutAtOnce(evidence.flower),
    tagThere(evidence.flower),
  ];
  const worst = WORST_FIRST.find((state) => chain.some((link) => link.state === state));
  const weakest = chain.find((link) => link.state === worst);
  const father = fatherVariety(evidence);
  return {
    grade: gradeOf(worst),
    soFar: chain.some(({ state }) => state === 'open'),
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

const link = (name: LinkName, state: LinkState, ...reasons: Reason[]): Link => ({
  link: name,
  state,
  reasons,
});

function seedSown(source: SeedSource): Link {
  const states: Record<SeedSource, LinkState> = {
    ownGuarded: 'sound',
    boughtLine: 'sound',
    swapped: 'unknown',
    unknown: 'unknown',
    openGarden: 'doubtful',
    f1: 'broken',
  };
  return link('seedSown', states[source], reason(`seed.${source}`));
}

function covered({ flower, opens }: PurityEvidence): Link {
  if (!flower.cover || flower.cover.method === 'none') return link('covered', 'broken', reason('cover.none'));
  const method = { method: flower.cover.method };
  if (opens === undefined) return link('covered', 'unknown', reason('cover.timeUnknown', method));
  if (Date.parse(flower.cover.at) >= opens) return link('covered', 'broken', reason('cover.late', method));
  return link('covered', 'sound', reason('cover.before', { ...method, at: flower.cover.at }));
}

function intact({ pollination }: Flower): Link {
  if (!pollination) return link('intact', 'open', reason('pollination.notYet'));
  switch (pollination.found) {
    case 'shut':
      return link('intact', 'sound', reason('intact.shut'));
    case 'wilted':
      return link('intact', 'doubtful', reason('intact.wilted'));
    case 'hole':
    case 'insect':
    case 'open':
      return link('intact', 'broken', reason(`intact.${pollination.found}`));
  }
}

const dabsOf = ({ pollination, secondDabs }: Flower): NonNullable<Flower['pollination']>[] =>
  pollination ? [pollination, ...secondDabs] : [];

function cleanMales({ flower, males, plants, variety }: PurityEvidence): Link {
  const dabs = dabsOf(flower);
  if (dabs.length === 0) return link('cleanMales', 'open', reason('pollination.notYet'));
  const donors = dabs.flatMap((dab) => dab.donors);
  if (donors.length === 0) return link('cleanMales', 'unknown', reason('males.unnamed'));
  const stranger = donors.find(({ plant }) => {
    const of = plants.get(plant)?.variety;
    return of !== undefined && of !== variety.variety;
  });
  if (stranger) {
    return link('cleanMales', 'broken', reason('males.otherVariety', { plant: stranger.plant }));
  }
  const covers = donors.map((donor) => males.get(donor.flower));
  if (covers.some((male) => male?.spoiled)) return link('cleanMales', 'broken', reason('males.spoiled'));
  if (covers.some((male) => male && (!male.cover || male.cover.method === 'none'))) {
    return link('cleanMales', 'broken', reason('males.uncovered'));
  }
  if (covers.some((male) => !male)) return link('cleanMales', 'unknown', reason('males.unnamed'));
  const own = donors.every(({ plant }) => plant === flower.plant);
  const fathers = new Set(donors.map(({ plant }) => plant)).size;
  return link('cleanMales', 'sound', own ? reason('males.ownPlant') : reason('males.clean', { fathers }));
}

function shutAtOnce({ pollination }: Flower): Link {
  if (!pollination) return link('shutAtOnce', 'open', reason('pollination.notYet'));
  return pollination.shutAgain
    ? link('shutAtOnce', 'sound', reason('shut.atOnce'))
    : link('shutAtOnce', 'broken', reason('shut.leftOpen'));
}

/** A tag that was never tied, or is gone at a look or at harvest: nobody can say which fruit this is. */
function tagThere({ pollination, harvest, looks }: Flower): Link {
  if (!pollination) return link('tagThere', 'open', reason('pollination.notYet'));
  if (harvest) return harvest.tagThere ? link('tagThere', 'sound', reason('tag.there')) : lostTag();
  if (looks.findLast(({ tag }) => tag)?.tag === 'gone') return lostTag();
  if (!pollination.tagged) return link('tagThere', 'broken', reason('tag.never'));
  return link('tagThere', 'open', reason('tag.untilHarvest'));
}

const lostTag = (): Link => link('tagThere', 'broken', reason('tag.gone'));

/** The father's variety where it is one other variety throughout. */
function fatherVariety({ flower, plants, variety }: PurityEvidence): string | undefined {
  const fathers = new Set(
    dabsOf(flower)
      .flatMap(({ donors }) => donors)
      .map(({ plant }) => plants.get(plant)?.variety),
  );
  const [father] = fathers;
  return fathers.size === 1 && father !== undefined && father !== variety.variety ? father : undefined;
}

/** Is seed wanted of a variety grown for this purpose? */
export const wantsSeed = (purpose: Purpose): boolean => purpose !== 'eat';
