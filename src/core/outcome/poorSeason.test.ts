import { begin, coverOn, YARD, type Phone } from '@testing/yard';
import { windowsOf } from '../opening/windowsOf';
import { fruitsOf } from '../fruit/fruits';
import type { FruitSign } from '../journal/kinds/fruit';
import { roundsOf } from '../outing/outingDay';
import { seededChance } from '../random/chance';
import { outingRequest } from '../round/outingRequest';
import { planOuting } from '../round/planOuting';
import { dealtOfPlan, plannedFacts } from '../round/plannedFacts';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { lateFrom } from '../trial/lateFrom';
import { possibleTrials, trialSize } from '../trial/planTrial';
import { trialResult } from '../trial/trialResult';
import { analyseSet, setQuestion, type SetAnalysis } from './setAnalysis';

/**
 * Poor seasons of squash, each for one cause that is known here and to nobody there: they are lived as a grower lives
 * them, and the records have to tell. The shares are our own invention.
 */

const BEGUN = '2026-07-01';
const PLANTS = ['p1', 'p2', 'p3', 'p4', 'p5', 'p6', 'p7', 'p8'];
const MORNINGS = 14;

/** What is done to a flower, and what will be seen of it. */
interface Lived {
  readonly hour?: 'early' | 'late';
  readonly males?: number;
  readonly sets: boolean;
  /** When it fails: day of that look, and the signs that are seen then. */
  readonly fails?: { readonly day: number; readonly grew: boolean; readonly signs: readonly FruitSign[] };
}

/** By the clock of UTC: an hour after squash opens, and four. */
const HOURS = { early: '05:10', late: '08:20' } as const;

function live(phone: Phone, day: string, plant: string, lived: Lived): void {
  const bloom = `f-${plant}-${day}`;
  const donor = PLANTS[(PLANTS.indexOf(plant) + 1) % PLANTS.length]!;
  coverOn(phone, day, [plant]);
  const { males = 2, hour = 'early' } = lived;
  phone.say(`${day}T${HOURS[hour]}:00Z`, {
    kind: 'pollinated',
    body: {
      ...{ bloom, plant, found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true },
      donors: Array.from({ length: males }, (_, i) => ({ plant: donor, bloom: `m${i}-${plant}-${day}` })),
    },
  });
  lookAt(phone, day, bloom, lived);
}

function lookAt(phone: Phone, day: string, bloom: string, { sets, fails }: Lived): void {
  const say = (after: number, signs?: readonly FruitSign[]): void => {
    phone.say(`${addDays(day, after)}T17:00:00Z`, {
      kind: 'looked',
      body: { bloom, seen: signs ? 'yellowing' : 'growing', ...(signs?.length && { signs: [...signs] }) },
    });
  };
  if (sets || fails?.grew) say(4);
  if (sets) say(9);
  else say(fails!.day, fails!.signs);
}

const grown = (): Phone => begin([{ variety: 'v', crop: 'pepo', plants: PLANTS }]);

/** A season of which each flower is lived by its morning and plant, with a look at what hung before. */
function poorSeason(
  lived: (chance: () => number, morning: number, plant: number) => Lived,
  phone = grown(),
): Phone {
  const chance = seededChance(21);
  for (let morning = 0; morning < MORNINGS; morning += 1)
    PLANTS.forEach((plant, i) => {
      // A plant opens a female every other day.
      if ((morning + i) % 2 === 0)
        live(
          phone,
          addDays(BEGUN, morning),
          plant,
          lived(() => chance.below(1), morning, i),
        );
    });
  return phone;
}

const ENDS = addDays(BEGUN, MORNINGS + 14);
const told = ({ journal }: Phone): SetAnalysis =>
  analyseSet(setQuestion(journal, YARD, fruitsOf(journal, YARD, ENDS, seasonAt(journal, ENDS))));

/** The cause of most failures is that, of more than half of them. */
function expectCause({ failures }: SetAnalysis, ...causes: readonly string[]): void {
  const [first] = failures.causes;
  expect(causes).toContain(first!.cause);
  const those = failures.causes.filter(({ cause }) => causes.includes(cause));
  expect(those.reduce((sum, { expected }) => sum + expected, 0)).toBeGreaterThan(failures.failed / 2);
}

/** Of what goes with set, all that is shown. */
const shown = ({ better }: SetAnalysis) =>
  better.enough ? better.effects.filter(({ evidence }) => evidence !== 'none') : [];

const YELLOW: Lived['fails'] = { day: 4, grew: false, signs: ['wholeYellow'] };

/** Three mornings of four too late, when one in five sets. */
const lateSeason = (): Phone =>
  poorSeason((chance, morning) => {
    const hour = morning % 4 === 0 ? 'early' : 'late';
    return { hour, sets: chance() < (hour === 'early' ? 0.85 : 0.2), fails: YELLOW };
  });

test('too late in the morning: no pollen took, and the hour goes with it', () => {
  const season = told(lateSeason());
  expectCause(season, 'neverPollinated');
  const [hour] = shown(season);
  expect(hour).toMatchObject({ factor: 'hour' });
  expect(hour!.high).toBeLessThan(0);
});

test('one male a flower: fruit grew unevenly, and males go with it', () => {
  const season = told(
    poorSeason((chance, morning) => {
      const males = morning % 4 === 0 ? 3 : 1;
      return {
        ...{ males, sets: chance() < (males === 3 ? 0.85 : 0.25) },
        fails: { day: 8, grew: true, signs: ['tapered'] },
      };
    }),
  );
  expectCause(season, 'partlyPollinated');
  expect(shown(season)[0]).toMatchObject({ factor: 'males' });
  expect(shown(season)[0]!.low).toBeGreaterThan(0);
});

test('end rot: nothing of the pollination goes with it', () => {
  const season = told(
    poorSeason((chance, morning) => ({
      ...{ hour: morning % 3 === 0 ? 'late' : 'early', males: 1 + (morning % 2), sets: chance() < 0.3 },
      fails: { day: 7, grew: true, signs: ['darkPatch'] },
    })),
  );
  expectCause(season, 'blossomEndRot');
  expect(shown(season)).toEqual([]);
});

test('plants that bear more than they can: what grew before goes with it', () => {
  const season = told(
    poorSeason((chance, morning) => ({
      sets: chance() < (morning < 4 ? 0.95 : morning < 7 ? 0.5 : 0.1),
      fails: { day: 6, grew: true, signs: ['wholeYellow', 'othersSwell'] },
    })),
  );
  expectCause(season, 'tooMuchFruit');
  expect(shown(season).map(({ factor }) => factor)).toEqual(['load']);
});

test('a hot week: what the days were like tells, and nothing of the work does', () => {
  const phone = grown();
  const isHot = (morning: number): boolean => morning >= 3 && morning < 11;
  for (let morning = 0; morning < MORNINGS + 3; morning += 1)
    phone.say(`${addDays(BEGUN, morning)}T19:00:00Z`, {
      kind: 'weather.noted',
      body: {
        day: addDays(BEGUN, morning),
        dawnC: 17,
        maxC: isHot(morning) ? 38 : 25,
        rain: 'none',
      },
    });
  const season = told(
    poorSeason(
      (chance, morning) => ({
        ...{ males: 1 + (morning % 2), sets: chance() < (isHot(morning) ? 0.15 : 0.85) },
        fails: { day: 5, grew: false, signs: ['wholeYellow'] },
      }),
      phone,
    ),
  );
  expectCause(season, 'heatOrCold', 'neverPollinated');
  expect(shown(season)).toEqual([]);
});

test('what the late season told is tried out: early against late, and at its end it is known', () => {
  const phone = lateSeason();
  const { journal } = phone;
  const variety = journal.all('variety').get('v')!;
  const hours = possibleTrials(journal, variety).find(({ compares }) => compares === 'hours')!;
  const histories = fruitsOf(journal, YARD, ENDS, seasonAt(journal, ENDS)).flatMap((each) => each.histories);
  const { pairs } = trialSize(variety, histories, ENDS, 0.4);
  const from = addDays(ENDS, 1);
  phone.say(`${ENDS}T20:00:00Z`, {
    kind: 'trial.planned',
    body: { trial: 't', variety: 'v', pairs: pairs!, difference: 0.4, from, ...hours },
  });
  const chance = seededChance(5);
  let day = from;
  for (
    ;
    trialResult(journal, YARD, journal.all('trial').get('t')!, day).state !== 'done';
    day = addDays(day, 1)
  ) {
    if (day > addDays(from, 40)) throw new Error('it does not end');
    tryOut(phone, day, (isLate) => chance.below(1) < (isLate ? 0.2 : 0.85));
  }
  const done = trialResult(journal, YARD, journal.all('trial').get('t')!, day);
  if (done.state !== 'done') throw new Error(done.state);
  expect(done.otherwise).toBe(0);
  expect(done.verdict).toBe('one');
});

/** A morning's round as it was planned, each stop at its time; what was begun eight days before is looked at. */
function tryOut(phone: Phone, day: string, sets: (isLate: boolean) => boolean): void {
  const { journal } = phone;
  const service = { day, outing: 'morning' } as const;
  const window = windowsOf(journal, YARD, day, ['pepo']).get('pepo')!;
  coverOn(phone, day, PLANTS, ['m', 'n']);
  const now = Date.parse(`${day}T04:00:00Z`);
  const plan = planOuting(outingRequest(journal, YARD, service, now));
  phone.say(
    new Date(now).toISOString(),
    ...plannedFacts(service, plan, undefined, () => `r-${day}`),
    ...dealtOfPlan(journal, YARD, service, plan),
  );
  for (const stop of roundsOf(journal, service).flatMap(({ stops }) => stops)) {
    if (stop.kind !== 'pollinate') continue;
    const { bloom, plant, donors } = stop;
    phone.say(stop.eta, {
      kind: 'pollinated',
      body: {
        ...{ bloom, plant, donors, found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true },
      },
    });
    lookAt(phone, day, bloom, { sets: sets(Date.parse(stop.eta) >= lateFrom(window)), fails: YELLOW });
  }
}
