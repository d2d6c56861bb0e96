import { candidatesIn, type Candidate } from '../isolation/candidates';
import {
  isolationVerdictOn,
  worstIsolation,
  type FlowerIsolation,
  type IsolationVerdict,
} from '../isolation/isolationReport';
import { measureByTrees, type Measurements } from '../isolation/measurements';
import type { IsolationQuestion } from '../isolation/question';
import type { GardenView } from '../journal/gardenOn';
import type { Journal } from '../journal/journal';
import { gardensInSteps, gardensOf } from '../journal/past';
import { perRevision } from '../journal/perRevision';
import type { Bloom, Garden } from '../journal/state';
import { seasonAt } from '../season/seasons';
import type { IsolationOf } from '../purity/guards';
import { finished, type InSteps } from '../time/inSteps';
import type { Day } from '../time/types';
import { gardenPlanInSteps, type VarietyReport } from './gardenPlan';

/**
 * The verdict on each variety; of several plantings on the one most at risk.
 *
 * @example verdictsOf(varietyReports(plan)).get('v') // 'isolated'
 */
export const verdictsOf = (reports: readonly VarietyReport[]): ReadonlyMap<string, IsolationVerdict> =>
  // The most at risk come first, and so count last.
  new Map(reports.toReversed().map(({ variety, isolation }) => [variety.variety, isolation.verdict]));

/** A garden as it stood for some days. */
interface Standing {
  readonly question: IsolationQuestion;
  readonly candidatesFor: (variety: number) => readonly Candidate[];
  readonly measured: Measurements;
}

/**
 * The verdict on a variety's flowers of a day where nothing is covered, by what stood and flowered on that day: what
 * was pulled out or taken off the plan since counts, and what was seen to have finished flowering does not. Of several plantings, and
 * of several gardens that may have stood, on the one most at risk. The plan of those days is made when it is
 * first needed.
 *
 * @example isolationOf(journal, garden)('v', '2026-07-19')?.verdict // 'notLooked'
 */
export const isolationOf = (journal: Journal, garden: Garden): IsolationOf =>
  heldIsolation(journal, garden).of;

/**
 * The same once the plans of some days are made, with pauses: of hundreds of varieties they take longer than a tap can
 * wait.
 */
export function* isolationInSteps(
  journal: Journal,
  garden: Garden,
  days: Iterable<Day>,
): InSteps<IsolationOf> {
  const { of, prepare } = heldIsolation(journal, garden);
  for (const day of days) yield* prepare(day);
  return of;
}

/**
 * The days on which some flowers opened, or were first seen as fruit.
 *
 * @example daysOf([{ day: '2026-07-20' }]) // 2026-07-20
 */
export const daysOf = (blooms: readonly Pick<Bloom, 'day' | 'keptOn'>[]): ReadonlySet<Day> =>
  new Set(blooms.flatMap(({ day, keptOn }) => day ?? keptOn ?? []));

interface Isolation {
  readonly of: IsolationOf;
  readonly prepare: (day: Day) => InSteps<void>;
}

function heldIsolation(journal: Journal, garden: Garden): Isolation {
  const asked = isolationsAsked(journal);
  const site = `${garden.latitude} ${garden.longitude} ${garden.zone}`;
  const held = asked.get(site) ?? isolationIn(journal, garden);
  asked.set(site, held);
  return held;
}

/** Asked again of the same garden, by one page after the other. */
const isolationsAsked = perRevision(() => new Map<string, Isolation>());

function isolationIn(journal: Journal, garden: Garden): Isolation {
  const known = new Map<GardenView, Map<Day, Standing>>();
  function* standingInSteps(then: GardenView, day: Day): InSteps<Standing> {
    const asOf = dayOfPlan(journal, day);
    const { from } = seasonAt(journal, asOf);
    const seasons = known.get(then) ?? new Map<Day, Standing>();
    known.set(then, seasons);
    const held = seasons.get(from);
    if (held) return held;
    const { question } = yield* gardenPlanInSteps(then, garden, asOf);
    const made = { question, candidatesFor: candidatesIn(question), measured: measureByTrees(question) };
    seasons.set(from, made);
    return made;
  }
  const verdictsIn = (then: GardenView, id: string, day: Day): readonly FlowerIsolation[] => {
    const { question, candidatesFor, measured } = finished(standingInSteps(then, day));
    return question.varieties.flatMap((each, variety) =>
      each.id === id
        ? [isolationVerdictOn(question, measured, { variety, candidates: candidatesFor(variety), day })]
        : [],
    );
  };
  const verdicts = new Map<string, FlowerIsolation | undefined>();
  return {
    of: (id, day) => {
      const key = `${id}|${day}`;
      if (verdicts.has(key)) return verdicts.get(key);
      const found = gardensOf(journal, day).flatMap((then) => verdictsIn(then, id, day));
      const held = worstIsolation(found);
      verdicts.set(key, held);
      return held;
    },
    *prepare(day) {
      for (const then of yield* gardensInSteps(journal, day)) yield* standingInSteps(then, day);
    },
  };
}

/** Seasons that nobody named move on with the day: one plan serves a month of them. */
function dayOfPlan(journal: Journal, day: Day): Day {
  const first = `${day.slice(0, 7)}-01`;
  const isUnnamed = [day, first].every((each) => seasonAt(journal, each).season === '');
  return isUnnamed ? first : day;
}
