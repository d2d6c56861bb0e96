import { begin, type Phone, YARD } from '@testing/yard';
import { bloomingCropOf } from '../crops/catalogue';
import { preFloweringAdvice } from '../due/preFloweringAdvice';
import type { Fact } from '../journal/entry';
import { shelterOf, shelterOn, shelterThen } from '../journal/underGlass';
import { gardenPlan } from '../planning/gardenPlan';
import { purityOf } from '../purity/purityOf';
import { addDays, MS_PER_HOUR } from '../time/calendar';
import { sunTimes } from '../time/sun';
import type { Day } from '../time/types';
import { plantAgain } from '../years/nextSeason';
import { seasonLooksOver } from '../years/seasonOver';
import { ownHours } from './ownHours';
import { openedAsNoted } from './openedAsNoted';
import { pollenTrouble } from './pollenTrouble';
import { airAt } from './weatherOn';
import { windowOf, windowsOf } from './windowsOf';

const D: Day = '2026-07-19';
const SUNRISE = sunTimes(D, YARD).sunrise!;
const at = (ms: number): string => new Date(ms).toISOString();

const bed = (name: string, y: number, more: { glass?: true; since?: Day } = {}): Fact => ({
  kind: 'bed.laid',
  body: { bed: `bed-${name}`, name, x: 1, y, length: 8, width: 1, rows: 1, turn: 0, ...more },
});
const COLD: Fact = { kind: 'weather.noted', body: { day: D, dawnC: 4, maxC: 18, rain: 'long' } };

/** Squash of one variety under glass, of another in the open, on a cold morning. */
function garden(glassOf: readonly string[] = ['v']): Phone {
  const phone = begin([
    { variety: 'v', crop: 'pepo', plants: ['p1', 'p2'] },
    { variety: 'w', crop: 'pepo', plants: ['q1'] },
    { variety: 't', crop: 'melon', plants: ['t1'] },
  ]);
  phone.say('2026-05-02T09:00:00Z', ...glassOf.map((name, i) => bed(name, 2 * i, { glass: true })), COLD);
  return phone;
}

test('where plants stand is a fact of their bed, from a day on', () => {
  const phone = garden();
  expect(
    ['v', 'w', 't'].map((of) => shelterOn(phone.journal, { v: 'p1', w: 'q1', t: 't1' }[of]!, D)),
  ).toEqual(['glass', 'open', 'open']);
  expect([shelterOf(phone.journal, 'pepo'), shelterOf(phone.journal, 'melon')]).toEqual(['both', 'open']);
  phone.say('2026-07-25T09:00:00Z', bed('w', 2, { glass: true, since: '2026-07-25' }));
  expect([shelterThen(phone.journal, 'pepo', D), shelterThen(phone.journal, 'pepo', '2026-07-26')]).toEqual([
    'both',
    'glass',
  ]);
  expect([shelterOn(phone.journal, 'q1', D), shelterOn(phone.journal, 'q1', '2026-07-26')]).toEqual([
    'open',
    'glass',
  ]);
  // Said again without a day it may have been a mistake, or new: nobody can say of the days before.
  phone.say('2026-07-30T09:00:00Z', bed('w', 2));
  expect(shelterOn(phone.journal, 'q1', '2026-07-26')).toBe('both');
});

describe('hours', () => {
  test('a cold dawn, rain and a cool day outside move nothing there; heat does', () => {
    const { journal } = garden();
    const [open, glass] = (['open', 'glass'] as const).map((shelter) =>
      windowOf(journal, YARD, D, 'pepo', shelter)!,
    ) as [NonNullable<ReturnType<typeof windowOf>>, NonNullable<ReturnType<typeof windowOf>>];
    const usual = bloomingCropOf('pepo')!.hours;
    expect(glass.opens[0]).toBe(SUNRISE + usual.opens.value[0] * MS_PER_HOUR);
    expect(glass.shuts[0]).toBe(SUNRISE + usual.shuts.value[0] * MS_PER_HOUR);
    expect(glass.insects).toBe(SUNRISE);
    expect(open.opens[0]).toBe(glass.opens[0] + 3 * MS_PER_HOUR);
    expect(glass.reasons.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['fromSunrise', 'underGlass']),
    );
    expect(glass.reasons.some(({ code }) => code === 'longRain' || code === 'coldDawn')).toBe(false);
    const hot = garden();
    hot.say('2026-07-19T12:00:00Z', {
      kind: 'weather.noted',
      body: { day: D, dawnC: 15, maxC: 33, rain: 'none' },
    });
    expect(windowOf(hot.journal, YARD, D, 'pepo', 'glass')!.shuts[0]).toBe(glass.shuts[0] - MS_PER_HOUR);
  });

  test('where some stand in the open and some do not, the earlier counts', () => {
    const { journal } = garden();
    const [open, glass, both] = (['open', 'glass', 'both'] as const).map((shelter) =>
      windowOf(journal, YARD, D, 'pepo', shelter)!,
    );
    expect(both).toMatchObject({
      opens: [glass!.opens[0], open!.opens[1]],
      lastSafe: Math.min(glass!.lastSafe, open!.lastSafe),
      insects: glass!.insects,
    });
    expect(windowsOf(journal, YARD, D, ['pepo']).get('pepo')).toEqual(both);
  });

  test('what was noted of flowers in the open moves none under glass', () => {
    const phone = garden(['v', 'w']);
    const note: Fact = { kind: 'hours.seen', body: { crop: 'pepo', day: D, seen: 'notYet' } };
    phone.say(at(SUNRISE + 2 * MS_PER_HOUR), note);
    const squash = bloomingCropOf('pepo')!;
    expect(ownHours(phone.journal, YARD, squash, { until: D, glass: true })?.days).toBe(1);
    expect(ownHours(phone.journal, YARD, squash, { until: D })).toBeUndefined();
    expect(openedAsNoted(phone.journal, 'pepo', D, SUNRISE)).toBe(SUNRISE + 2 * MS_PER_HOUR);
    const mixed = garden();
    mixed.say(at(SUNRISE + 2 * MS_PER_HOUR), note);
    expect(ownHours(mixed.journal, YARD, squash, { until: D, glass: true })).toBeUndefined();
    expect(openedAsNoted(mixed.journal, 'pepo', D, SUNRISE)).toBe(SUNRISE);
  });
});

test('covered on a cold morning before flowers in the open had opened, one under glass was late', () => {
  const phone = garden();
  const covering = (plant: string, bloom: string): Fact => ({
    kind: 'covered',
    body: { plant, day: D, method: 'tape', blooms: [{ bloom, sex: 'female', code: bloom }] },
  });
  phone.say(at(SUNRISE + MS_PER_HOUR), covering('p1', 'G1'), covering('q1', 'O1'));
  const cover = (bloom: string): string | undefined =>
    purityOf(phone.journal, YARD, phone.journal.all('bloom').get(bloom)!)!.chain.find(
      ({ link }) => link === 'cover',
    )?.state;
  expect([cover('G1'), cover('O1')]).toEqual(['broken', 'holds']);
});

test('a male is judged by the hours where it stands', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1'] }]);
  phone.say('2026-05-02T09:00:00Z', bed('g', 9, { glass: true }), COLD, {
    kind: 'plants.set',
    body: { bed: 'bed-g', row: 1, variety: 'v', plants: [{ plant: 'g1', place: 1 }] },
  });
  const covering = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
    kind: 'covered',
    body: { plant, day: D, method: 'tape', blooms: [{ bloom, sex, code: sex === 'male' ? '' : bloom }] },
  });
  phone.say(at(SUNRISE + MS_PER_HOUR), covering('p1', 'f', 'female'), covering('g1', 'm', 'male'));
  phone.say(at(SUNRISE + 4 * MS_PER_HOUR), {
    kind: 'pollinated',
    body: {
      ...{ bloom: 'f', plant: 'p1', donors: [{ plant: 'g1', bloom: 'm' }], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
    },
  });
  const { chain } = purityOf(phone.journal, YARD, phone.journal.all('bloom').get('f')!)!;
  const said = (name: string): string => {
    const { state, reasons } = chain.find(({ link }) => link === name)!;
    return `${state}: ${reasons[0]!.code}`;
  };
  expect([said('cover'), said('cleanPollen')]).toEqual(['holds: cover.before', 'broken: pollen.coveredLate']);
});

describe('the year', () => {
  const sown: Fact = {
    kind: 'planting.set',
    body: {
      ...{ planting: 's', variety: 't', seedSource: 'boughtLine' },
      sowing: { how: 'plantedOut', day: '2026-05-10' },
    },
  };
  const flowers = (phone: Phone): Day | undefined => {
    phone.say('2026-05-03T09:00:00Z', sown, {
      kind: 'plants.set',
      body: { bed: 'bed-t', row: 1, variety: 't', planting: 's', plants: [{ plant: 't1', place: 1 }] },
    });
    return gardenPlan(phone.journal, YARD, '2026-06-01').varieties.find(({ planting }) => planting === 's')!
      .flowering?.first;
  };

  test('flowers are expected sooner under glass', () => {
    const [open, glass] = [flowers(garden()), flowers(garden(['t']))];
    expect(glass! < addDays(open!, -7)).toBe(true);
    const advice = (glassOf: readonly string[]) => {
      const phone = garden(glassOf);
      flowers(phone);
      const land = { ground: 'mixed', lateFrost: '2026-05-10' } as const;
      phone.say('2026-01-01T10:00:00Z', { kind: 'surroundings.described', body: land });
      return preFloweringAdvice(phone.journal, YARD, '2026-03-01')?.firstFlowers;
    };
    expect(advice(['v', 'w', 't'])! < advice([])!).toBe(true);
  });

  test('frost ends no season there', () => {
    const ended = (glassOf: readonly string[]): Day | undefined => {
      const phone = garden(glassOf);
      phone.say('2026-09-01T09:00:00Z', {
        kind: 'covered',
        body: {
          ...{ plant: 't1', day: '2026-09-02', method: 'tape' },
          blooms: [{ bloom: 'b', sex: 'female', code: 'K1' }],
        },
      });
      phone.say('2026-09-20T09:00:00Z', {
        kind: 'weather.noted',
        body: { day: '2026-09-20', dawnC: -2, maxC: 9, rain: 'none' },
      });
      return seasonLooksOver(phone.journal, '2026-10-05');
    };
    expect([ended([]), ended(['t'])]).toEqual(['2026-09-02', undefined]);
  });

  test('one bed on, what stood under glass stands under glass again', () => {
    const { journal } = garden(['v', 't']);
    const beds = [...journal.all('bed').values()];
    const grew = [...journal.all('variety').values()].map((variety) => ({
      variety,
      plants: [...journal.all('plant').values()].filter((plant) => plant.variety === variety.variety),
    }));
    let n = 0;
    const facts = plantAgain(
      journal,
      { grew, beds, movedOn: true, seedOf: () => 'boughtLine' },
      () => `n${(n += 1)}`,
    );
    const went = facts.flatMap((fact) =>
      fact.kind === 'plants.set' ? [[fact.body.variety, fact.body.bed]] : [],
    );
    expect(Object.fromEntries(went)).toEqual({ v: 'bed-t', t: 'bed-v', w: 'bed-w' });
  });
});

test('what a station says of cold and damp air outside says nothing there; heat and a logger do', () => {
  const limits = {
    coldNight: { value: 10, unit: 'degC', standing: 'default' },
    heat: {
      day: { value: 32, unit: 'degC', standing: 'default' },
      night: { value: 24, unit: 'degC', standing: 'default' },
      either: true,
    },
  } as const;
  const weather = (source: 'station' | 'logger', max: number) =>
    ({ source, readings: [], figures: { max, night: { min: 4 } } }) as never;
  const trouble = (source: 'station' | 'logger', max: number, glass: boolean): string[] =>
    pollenTrouble(limits, airAt(weather(source, max), 0, glass)).reasons.map(({ code }) => code);
  expect(trouble('station', 20, false)).toEqual(['air.coldNight']);
  expect(trouble('station', 20, true)).toEqual([]);
  expect(trouble('station', 35, true)).toEqual(['air.hotDay']);
  expect(trouble('logger', 20, true)).toEqual(['air.coldNight']);
});
