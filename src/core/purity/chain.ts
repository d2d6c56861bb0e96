import type { SeedSource } from '../crops/variety';
import type { Controls } from '../fruit/controls';
import type { Bloom, Plant, Variety } from '../journal/state';
import { pollinationsOf } from '../journal/pollinations';
import type { CarriedPollen } from './contact';
import type { Guard, GuardReason } from './guards';
import type { Reason } from '../text/reason';
import type { Day } from '../time/types';

export type LinkName = 'seedSource' | 'cover' | 'intact' | 'cleanPollen' | 'closedAgain' | 'tag' | 'plants';

/**
 * How a link holds. `pending`: not yet known, since its time has not come. `unknown`: its time has passed and
 * nobody noted it.
 */
export type LinkState = 'holds' | 'pending' | 'unknown' | 'doubtful' | 'broken';

export type PurityReason =
  | `seed.${SeedSource}`
  | 'seed.f1Parent'
  | `seed.father.${Exclude<SeedSource, 'ownGuarded' | 'boughtLine'>}`
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
  | 'pollen.anyMale'
  | 'pollen.otherVariety'
  | 'pollen.spoiled'
  | 'pollen.uncovered'
  | 'pollen.coveredLate'
  | 'pollen.cutLate'
  | 'pollen.otherMorning'
  | 'pollen.brushNotNoted'
  | 'pollen.brushCarried'
  | 'pollen.visitedBefore'
  | 'pollen.ownPlant'
  | 'pollen.ownFlower'
  | 'pollen.clean'
  | 'pollen.ownInstead'
  | 'pollen.cutIndoors'
  | 'pollen.cleanEmasculated'
  | 'pollen.open'
  | 'pollen.otherThanMeant'
  | 'pollen.otherPlantThanMeant'
  | 'pollen.notEmasculated'
  | 'pollen.emasculatedLate'
  | 'pollen.controlsSet'
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
  | 'tag.backAgain'
  | 'tag.tiedAnew'
  | 'tag.shared'
  | 'tag.swapped'
  | 'tag.swappedWithBad'
  | 'tag.untilHarvest'
  | 'plants.motherOffType'
  | 'plants.fatherOffType'
  | 'plants.besideOffType'
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

/** What the chain of one fruit is judged from. */
export interface PurityEvidence {
  readonly bloom: Bloom;
  readonly variety: Pick<Variety, 'variety'>;
  /** The variety that was to father it; its own for a pure line. */
  readonly father: string;
  /** The plants that alone were to father it, where a cross names them. */
  readonly fathers?: readonly string[] | undefined;
  /** What it was sown from; several where it is in doubt which of them was meant for it. */
  readonly seedSources: readonly SeedSource[];
  /** What the plants of its males were sown from. */
  readonly fatherSources: readonly SeedSource[];
  /** Plants of its variety that stood with it on its day, where it was not covered: any of them may have fathered it. */
  readonly beside: readonly string[];
  /** Does another fruit of the season carry the same tag? */
  readonly sharesTag: boolean;
  /** Was its tag swapped with that of a fruit whose seed is not to be kept? Missing where it was never swapped. */
  readonly swappedWithBad?: boolean | undefined;
  /** What kept unwanted pollen from a bloom besides its own cover, the best first. */
  readonly guardsOf: (bloom: Bloom) => readonly Guard[];
  /** Male flowers by id, for the donors' own covers. */
  readonly males: ReadonlyMap<string, Bloom>;
  readonly plants: ReadonlyMap<string, Plant>;
  /** First opening of the crop's flowers on a day, where a plant stands, UTC milliseconds; `undefined` when it cannot be calculated. */
  readonly opensOn: (day: Day, plant: string) => number | undefined;
  /**
   * From when on a day insects bring pollen, UTC milliseconds; `undefined` when that cannot be calculated, or wind
   * brings it.
   */
  readonly insectsOn: (day: Day) => number | undefined;
  /** What a brush brought to the bloom from flowers before. */
  readonly carried: CarriedPollen | undefined;
  /** Females in which its males or its brush were before, and insects perhaps as well. */
  readonly visitedBefore: readonly Bloom[];
  /** Covered flowers of its batch that were left without pollen. */
  readonly controls: Pick<Controls, 'looked' | 'set'>;
  /** The last day on which it may have taken pollen; `undefined` where that is not known. */
  readonly receptiveUntil: Day | undefined;
  /** Days for which a male's pollen is good besides its own. */
  readonly pollenKeeps: number;
}

/** States of a link that does not hold. */
export const WORST_FIRST: readonly LinkState[] = ['broken', 'doubtful', 'unknown', 'pending'];

export const link = (name: LinkName, state: LinkState, ...reasons: Reason<PurityReason>[]): Link => ({
  link: name,
  state,
  reasons,
});

/**
 * Of all that was found of a link the worst: what is found besides, or later, does not heal it. Of findings that are as
 * bad the first.
 *
 * @param found at least one.
 * @example worstOf([link('tag', 'holds', …), link('tag', 'doubtful', …)]).state // 'doubtful'
 */
export const worstOf = (found: readonly Link[]): Link =>
  found.reduce((worst, each) => (rank(each.state) < rank(worst.state) ? each : worst));

/** A link that lacks a cover holds as far as the best of what stands round the bloom does. */
export function guarded(own: Link, { bloom, guardsOf }: Pick<PurityEvidence, 'bloom' | 'guardsOf'>): Link {
  if (own.state === 'holds' || own.state === 'pending') return own;
  const guard = guardsOf(bloom).find((each) => own.link !== 'intact' || keepsOut(bloom, each));
  if (!guard || rank(guard.state) <= rank(own.state)) return own;
  // Where it is not known what stands round it, what it lacks itself is told too.
  return link(own.link, guard.state, guard.reason, ...(guard.state === 'unknown' ? own.reasons : []));
}

/** The worse, the lower. */
const rank = (state: LinkState): number => {
  const at = WORST_FIRST.indexOf(state);
  return at < 0 ? WORST_FIRST.length : at;
};

/**
 * An insect in a cage got in all the same, whoever saw it, unless it was put there; that one, as any at a distance, brings
 * only pollen of the variety.
 */
export const keepsOut = (bloom: Bloom, { by, ownInsects }: Guard): boolean =>
  by === 'distance' ||
  ownInsects === true ||
  [...pollinationsOf(bloom).map(({ found }) => found), ...bloom.reports.map(({ why }) => why)].every(
    (found) => found !== 'insect' && found !== 'hole',
  );
