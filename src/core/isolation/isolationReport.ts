import { cropOf } from '../crops/catalogue';
import type { Reason } from '../text/reason';
import { wasInFlower } from '../season/seenFlowering';
import type { Day } from '../time/types';
import { candidatesOf, daysBetweenFlowerings, type Candidate, type SourceRef } from './candidates';
import type { Compatibility } from './compatibility';
import type { CrossingRisk } from './crossingRisk';
import { sumOfRanges, type ShareRange } from './expectedOutcrossing';
import { isolationMethods, type IsolationMethod } from './isolationMethods';
import { farthestLook } from './looked';
import { measureByTrees, type Measurements, type Nearest } from './measurements';
import type { GrownVariety, IsolationQuestion, OutsideSource } from './question';
import { anyPollenSpoils } from './anyPollenSpoils';
import { requiredDistance, type DistanceReason } from './requiredDistance';

/**
 * `notRequired`: only eaten. `noRisk`: nothing that can cross. `isolated`: everything that can is far enough away or
 * flowers at another time. `rareOnly`: what is too close crosses rarely. `tooClose`: what crosses freely is too close.
 */
export type IsolationVerdict = 'notRequired' | 'noRisk' | 'isolated' | 'rareOnly' | 'tooClose';

/**
 * The verdict on flowers that are open on a day, as far as it is known. `notNoted`: isolated if what is near was not in
 * flower that day, and nobody noted whether it was. `notLooked`: isolated from all that is known, and nobody looked as far
 * as it takes.
 */
export type FlowerVerdict = IsolationVerdict | 'notNoted' | 'notLooked';

/** Verdicts, the most at risk first. What is not known may be as bad as what is weak, but is not yet. */
export const VERDICTS_WORST_FIRST: readonly FlowerVerdict[] = [
  'tooClose',
  'rareOnly',
  'notNoted',
  'notLooked',
  'isolated',
  'noRisk',
  'notRequired',
];

/** Of several the worst; of those that are as bad the one that takes the farthest look. */
export const worstIsolation = (found: readonly FlowerIsolation[]): FlowerIsolation | undefined =>
  [...found].sort(
    (a, b) =>
      VERDICTS_WORST_FIRST.indexOf(a.verdict) - VERDICTS_WORST_FIRST.indexOf(b.verdict) ||
      b.requiredMetres - a.requiredMetres,
  )[0];

export interface FlowerIsolation {
  readonly verdict: FlowerVerdict;
  /** The distance from all that crosses that it takes, metres. */
  readonly requiredMetres: number;
  /** Of which neighbour, of the garden or outside, nobody noted whether it was in flower. */
  readonly notNoted?: string;
}

export interface IsolationReport {
  readonly variety: string;
  readonly verdict: IsolationVerdict;
  /** Metres; 0 when none are required. */
  readonly requiredMetres: number;
  readonly reasons: readonly Reason<DistanceReason>[];
  /** The greatest first: not isolated before isolated, freely before rarely, near before far. */
  readonly risks: readonly CrossingRisk[];
  /** How many there are in all, also of a report that names the greatest alone; and those that cross freely unhindered. */
  readonly count: { readonly risks: number; readonly open: number };
  /**
   * Share of the seed that foreign pollen will father if the variety is left open; missing where it is only eaten and
   * no pollen changes that: nobody wants to know.
   */
  readonly outcrossing?: ShareRange;
  /** What can be done, the cheapest first; empty when nothing is wrong. */
  readonly methods: readonly IsolationMethod[];
}

/**
 * For each variety: what can cross with it, how close that is, whether distance or time isolates it, what share of
 * its seed would have a foreign father, and what can be done. A variety without plants has no risks yet.
 *
 * @example isolationReports({ ...question, varieties: [] }) // []
 */
export const isolationReports = (question: IsolationQuestion): IsolationReport[] =>
  judgeIsolation(question, measureByTrees(question));

/** The reports, from distances and shares however they were measured. */
export function judgeIsolation(question: IsolationQuestion, measured: Measurements): IsolationReport[] {
  const candidates = candidatesOf(question);
  return question.varieties.map((_, i) => reportOf(question, measured, candidates[i]!, i));
}

function reportOf(
  question: IsolationQuestion,
  measured: Measurements,
  candidates: readonly Candidate[],
  i: number,
): IsolationReport {
  const variety = question.varieties[i]!;
  const required = requiredDistance(variety, question.ground);
  const isRisk = ({ own, compatibility }: Candidate): boolean => !own && isRelevant(variety, compatibility);
  const matters = variety.purpose !== 'eat' || candidates.some(isRisk);
  const bySource = matters && candidates.length > 0 ? measured.outcrossing(i, candidates).bySource : [];
  const risks = candidates
    .flatMap((candidate, c) =>
      isRisk(candidate)
        ? riskOf(question, i, candidate, {
            nearest: measured.nearest(i, candidate)!,
            requiredMetres: required.metres,
            share: bySource[c]!,
          })
        : [],
    )
    .sort(greatestFirst);
  const verdict = verdictOf(required.metres, risks);
  return {
    variety: variety.id,
    verdict,
    requiredMetres: required.metres,
    reasons: required.reasons,
    risks,
    count: { risks: risks.length, open: risks.filter(isOpen).length },
    ...(matters && { outcrossing: sumOfRanges(bySource.filter((_, c) => !candidates[c]!.own)) }),
    methods:
      verdict === 'tooClose' || verdict === 'rareOnly'
        ? isolationMethods(variety, risks, required.metres)
        : [],
  };
}

/** A flower of one of the varieties, open on a day. */
export interface FlowerOnDay {
  /** The variety's index in the question. */
  readonly variety: number;
  readonly candidates: readonly Candidate[];
  readonly day: Day;
}

/**
 * The verdict on a flower that is open on a day, where it is not covered: what was not seen to shed around that day is
 * no risk to it. What is expected proves nothing: it is only where somebody saw when it flowered, or looked around, that
 * a flower was isolated.
 *
 * @example isolationVerdictOn(question, measureByTrees(question), { variety: 0, candidates: [], day }).verdict // 'notLooked'
 */
export function isolationVerdictOn(
  question: IsolationQuestion,
  measured: Measurements,
  { variety: i, candidates, day }: FlowerOnDay,
): FlowerIsolation {
  const variety: GrownVariety = { ...question.varieties[i]!, flowering: [day, day] };
  const { metres } = requiredDistance(variety, question.ground);
  const relevant = candidates.filter(({ own, compatibility }) => !own && isRelevant(variety, compatibility));
  const apart = requiredDaysApart(variety);
  const risks = relevant.map((candidate) => {
    const { isolatedBy } = separationOf(question, variety, candidate, {
      nearest: measured.nearest(i, candidate)!,
      requiredMetres: metres,
    });
    const source = sourceOf(question, candidate);
    const flowered = isolatedBy === 'distance' ? undefined : shedOn(source, day, apart);
    // What is only expected of its flowering proves nothing, either way.
    const byTime =
      isolatedBy === 'distance' ? isolatedBy : flowered ? ('nothing' as const) : ('time' as const);
    return {
      id: source.id,
      compatibility: candidate.compatibility,
      isolatedBy: byTime,
      isKnown: isolatedBy === 'distance' || flowered !== undefined,
    };
  });
  const verdict = verdictOf(metres, risks);
  const found = { verdict, requiredMetres: metres };
  if (verdict !== 'isolated' && verdict !== 'noRisk') return found;
  const notNoted = risks.find(({ isKnown }) => !isKnown);
  if (notNoted) return { ...found, verdict: 'notNoted', notNoted: notNoted.id };
  const looked = farthestLook(question.looked ?? [], variety.crop, day)?.metres ?? -1;
  return looked < metres ? { ...found, verdict: 'notLooked' } : found;
}

const sourceOf = (
  { varieties, outside }: IsolationQuestion,
  { from, index }: SourceRef,
): GrownVariety | OutsideSource => (from === 'garden' ? varieties : outside)[index]!;

/** Did a source shed on a day, or so few days before or after it, as far as somebody saw or was told? */
function shedOn(source: GrownVariety | OutsideSource, day: Day, apart: number): boolean | undefined {
  if (!('certainty' in source)) return source.seen && wasInFlower(source.seen, day, apart);
  if (source.certainty === 'guessed' || !source.flowering) return undefined;
  const between = daysBetweenFlowerings([day, day], source.flowering);
  return between === undefined ? undefined : between < apart;
}

/**
 * Does a source cross freely, and does nothing isolate it?
 *
 * @example isOpen({ isolatedBy: 'distance', compatibility }) // false
 */
export const isOpen = ({
  isolatedBy,
  compatibility,
}: Pick<CrossingRisk, 'isolatedBy' | 'compatibility'>): boolean =>
  isolatedBy === 'nothing' && compatibility.frequency === 'freely';

function verdictOf(
  requiredMetres: number,
  risks: readonly Pick<CrossingRisk, 'isolatedBy' | 'compatibility'>[],
): IsolationVerdict {
  if (requiredMetres === 0) return 'notRequired';
  if (risks.length === 0) return 'noRisk';
  const open = risks.filter(({ isolatedBy }) => isolatedBy === 'nothing');
  if (open.length === 0) return 'isolated';
  return open.some(isOpen) ? 'tooClose' : 'rareOnly';
}

interface Measured {
  readonly nearest: Nearest;
  readonly requiredMetres: number;
}

function riskOf(
  question: IsolationQuestion,
  i: number,
  candidate: Candidate,
  { share, ...measured }: Measured & { readonly share: ShareRange },
): CrossingRisk {
  const { varieties, outside } = question;
  const inGarden = candidate.from === 'garden';
  const other = inGarden ? varieties[candidate.index]! : outside[candidate.index]!;
  return {
    id: other.id,
    where: candidate.from,
    compatibility: candidate.compatibility,
    ...separationOf(question, varieties[i]!, candidate, measured),
    ...(!inGarden && { certainty: outside[candidate.index]!.certainty }),
    share,
  };
}

type Separation = Pick<CrossingRisk, 'metres' | 'requiredMetres' | 'barriers' | 'daysApart' | 'isolatedBy'>;

/** How far apart a variety and a source are, in space and in time. */
function separationOf(
  { varieties, outside }: IsolationQuestion,
  variety: GrownVariety,
  { from, index }: Candidate,
  { nearest: { metres, distanceFactor, barriers }, requiredMetres }: Measured,
): Separation {
  const other = from === 'garden' ? varieties[index]! : outside[index]!;
  const daysApart = daysBetweenFlowerings(variety.flowering, other.flowering);
  const byDistance = metres >= distanceFactor * requiredMetres;
  const byTime = daysApart !== undefined && daysApart >= requiredDaysApart(variety);
  return {
    metres,
    requiredMetres: distanceFactor * requiredMetres,
    barriers,
    daysApart,
    isolatedBy: byDistance ? 'distance' : byTime ? 'time' : 'nothing',
  };
}

/** What is only eaten is at risk only from pollen that changes it in the same year, or that it does not need. */
const isRelevant = (variety: GrownVariety, { xenia }: Compatibility): boolean =>
  variety.purpose !== 'eat' || xenia === 'spoils' || xenia === 'unknown' || anyPollenSpoils(variety);

const requiredDaysApart = ({ crop }: GrownVariety): number => cropOf(crop).timeApart?.value[0] ?? 1;

const greatestFirst = (a: CrossingRisk, b: CrossingRisk): number =>
  Number(a.isolatedBy !== 'nothing') - Number(b.isolatedBy !== 'nothing') ||
  Number(a.compatibility.frequency === 'rarely') - Number(b.compatibility.frequency === 'rarely') ||
  a.metres - b.metres ||
  (a.id < b.id ? -1 : 1);
