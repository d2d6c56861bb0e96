import type { Fact } from '../journal/entry';
import type { Bodies } from '../journal/kinds/kinds';
import { flowersDue } from '../due/flowersDue';
import type { Journal } from '../journal/journal';
import type { Garden, Round } from '../journal/state';
import type { OutingDay } from '../outing/outingDay';
import { dealtFacts } from '../trial/deal';
import { waysOfFemales } from '../trial/females';
import type { OutingPlan } from './planOuting';
import { replannedStops, stopsOf, walkedRounds } from './stops';

type PlannedFact = Extract<Fact, { kind: 'round.planned' }>;

/**
 * What fell to the females of an outing that are in a trial: those of its plan, and those that are left to the insects,
 * which are none of it. Recorded with the plan, before anything is done to them.
 *
 * @example dealtOfPlan(journal, garden, service, { pairs: [] }) // []
 */
export function dealtOfPlan(
  journal: Journal,
  garden: Garden,
  service: OutingDay,
  { pairs }: Pick<OutingPlan, 'pairs'>,
): Fact[] {
  const planned = new Set(pairs.map(({ bloom }) => bloom));
  const ways = waysOnOuting(journal, garden, service);
  const left = ways.filter(isLeft);
  return [
    ...dealtFacts(
      journal,
      service.day,
      ways.filter((dealt) => planned.has(dealt.bloom) || left.includes(dealt)),
    ),
    ...left.map(({ bloom, plant }): Fact => ({
      kind: 'missed',
      body: { bloom, plant, day: service.day, why: 'leftToInsects' },
    })),
  ];
}

type WayOfFemale = ReturnType<ReturnType<typeof waysOfFemales>['get']> & object;

const waysOnOuting = (journal: Journal, garden: Garden, service: OutingDay): WayOfFemale[] => [
  ...waysOfFemales(journal, garden, service.day, flowersDue(journal, service).buds.females).values(),
];

const isLeft = ({ trial, side }: WayOfFemale): boolean => trial.ways[side].insects === true;

/**
 * How many females of an outing are in a trial: to be pollinated as it lays down, and left to the insects.
 *
 * @example triedOnOuting(new Journal(), garden, service) // { worked: 0, left: 0 }
 */
export function triedOnOuting(
  journal: Journal,
  garden: Garden,
  service: OutingDay,
): { readonly worked: number; readonly left: number } {
  const ways = waysOnOuting(journal, garden, service);
  const left = ways.filter(isLeft).length;
  return { worked: ways.length - left, left };
}

/** The morning is not named. */
const serviceBody = ({ day, outing }: OutingDay): Pick<Bodies['round.planned'], 'day' | 'outing'> =>
  outing === 'morning' ? { day } : { day, outing };

/**
 * A plan as it is recorded: a round for each who has something to do. What is added to a round leaves what was done
 * there in front, and whose round it is.
 *
 * @param round the one that is planned again; without it new rounds begin.
 * @example plannedFacts({ day: '2026-07-19', outing: 'morning' }, plan, undefined, newId).length // 2 for two people
 */
export function plannedFacts(
  service: OutingDay,
  plan: Pick<OutingPlan, 'rounds'>,
  round: Round | undefined,
  newId: () => string,
): readonly PlannedFact[] {
  const walked = walkedRounds(plan);
  const people = walked.length;
  const split = people > 1 ? newId() : undefined;
  return walked.map((each, i) => {
    const fresh = stopsOf(each);
    const share = round ? round.share : split === undefined ? undefined : { split, person: i + 1, people };
    return {
      kind: 'round.planned',
      body: {
        round: round?.round ?? newId(),
        ...serviceBody(service),
        ...(share && { share }),
        stops: round ? replannedStops(round, fresh) : fresh,
      },
    };
  });
}
