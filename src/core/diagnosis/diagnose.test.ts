import fc from 'fast-check';
import { begin, YARD, type GrownInYard, type Phone } from '@testing/yard';
import { setFactors } from '../analysis/setTrials';
import { CROP_IDS, cropOf, type CropId } from '../crops/catalogue';
import { factsOf } from '../flowers/forms/forms';
import { fruitsOf } from '../fruit/fruits';
import { FRUIT_SIGNS } from '../journal/kinds/fruit';
import type { Bodies } from '../journal/kinds/kinds';
import { seededChance, type Chance } from '../random/chance';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { diagnose, type Diagnosis, type Evidence } from './diagnose';
import { evidenceOf, signSaidBy } from './evidenceOf';
import { failureTableOf } from './failureTableOf';
import { CIRCUMSTANCES, type NamedCause } from './tables/failureTable';
import { tellingOf } from './tellingOf';

const diagnoseFor = (crop: CropId, evidence: Evidence): Diagnosis =>
  diagnose(evidence, failureTableOf(cropOf(crop).flower));
const top = (crop: CropId, evidence: Evidence): NamedCause => diagnoseFor(crop, evidence).causes[0]!.cause;
const chanceOf = (crop: CropId, cause: NamedCause, evidence: Evidence): number =>
  diagnoseFor(crop, evidence).causes.find((each) => each.cause === cause)!.chance;

// What growers mix up, kept apart: common practice, no source.
test.each<[CropId, string, Evidence, NamedCause]>([
  [
    'melon',
    'whole fruitlet yellow and small, no growth',
    { wholeYellow: true, grew: false },
    'neverPollinated',
  ],
  [
    'melon',
    'grew, then tapered, the tip soft',
    { grew: true, tapered: true, softTip: true },
    'partlyPollinated',
  ],
  ['pepo', 'a growing fruit gets a dark, sunken patch', { grew: true, darkPatch: true }, 'blossomEndRot'],
  [
    'pepo',
    'yellow while older ones swell',
    { wholeYellow: true, othersSwell: true, late: false },
    'tooMuchFruit',
  ],
  [
    'pepo',
    'yellow after great heat',
    { wholeYellow: true, hotOrCold: true, othersSwell: false, late: false },
    'heatOrCold',
  ],
  [
    'pepo',
    'rain in the flower',
    { wholeYellow: true, grew: false, rained: true, late: false, fewMales: false, othersSwell: false },
    'rain',
  ],
  ['pepo', 'rot where petals stuck', { petalRot: true, softTip: true }, 'wetRot'],
  ['pepo', 'a hole in its side', { hole: true }, 'pest'],
  ['pepo', 'broke at the stalk', { broken: true }, 'handled'],
  ['watermelon', 'its vine wilts', { vineHurt: true, wholeYellow: false }, 'vineDamage'],
  ['watermelon', 'pollen of a melon', { wholeYellow: true, unfitPollen: true }, 'incompatiblePollen'],
  ['corn', 'hardly a kernel', { empty: true, grew: false }, 'neverPollinated'],
  ['corn', 'kernels here and there', { scattered: true, grew: true }, 'partlyPollinated'],
  [
    'corn',
    'full below, empty at the tip, worked once',
    { emptyTip: true, grew: true, oneDay: true },
    'notAllOpen',
  ],
  [
    'corn',
    'empty at the tip after a drought',
    { emptyTip: true, hotOrCold: true, oneDay: false },
    'heatOrCold',
  ],
  ['corn', 'thin below a full one', { othersSwell: true, empty: true, scattered: false }, 'tooMuchFruit'],
  ['sunflower', 'a ring of empty hulls', { emptyRing: true, grew: true }, 'notAllOpen'],
  ['sunflower', 'the middle dried up in heat', { emptyMiddle: true, hotOrCold: true }, 'heatOrCold'],
  [
    'sunflower',
    'rubbed with its own plant',
    { scattered: true, empty: true, ownPlant: true },
    'incompatiblePollen',
  ],
  [
    'tomato',
    'flowers fall in great heat',
    { wholeYellow: true, hotOrCold: true, othersSwell: false },
    'heatOrCold',
  ],
  ['tomato', 'small and hollow', { tapered: true, grew: true }, 'partlyPollinated'],
  ['annuum', 'a dark patch on a growing pepper', { darkPatch: true, grew: true }, 'blossomEndRot'],
  ['aubergine', 'a stigma below the anthers', { shortStyle: true, wholeYellow: true }, 'shortStyle'],
  ['strawberry', 'crooked, brushed on one day', { tapered: true, oneDay: true, grew: true }, 'notAllOpen'],
  ['strawberry', 'a black centre', { blackCentre: true }, 'heatOrCold'],
  [
    'strawberry',
    'a small, hard button',
    { wholeYellow: true, blackCentre: false, tapered: false },
    'neverPollinated',
  ],
  ['runnerBean', 'flowers fall while pods hang', { wholeYellow: true, othersSwell: true }, 'tooMuchFruit'],
  ['okra', 'a pinched pod', { tapered: true, grew: true }, 'partlyPollinated'],
])('%s: %s', (crop, _, evidence, cause) => {
  expect(top(crop, evidence)).toBe(cause);
});

test('an ear, a head and a pod have no end rot, and only a flower of various styles has a short one', () => {
  for (const crop of CROP_IDS) {
    const { causes, signs } = failureTableOf(cropOf(crop).flower);
    const bears = cropOf(crop).flower?.type;
    expect(causes.has('blossomEndRot')).toBe(bears === 'gourd' || bears === 'nightshade');
    expect(signs.includes('shortStyle')).toBe(crop === 'aubergine');
    expect(causes.has('shortStyle')).toBe(crop === 'aubergine');
  }
});

const TABLES = new Map(CROP_IDS.map((crop) => [failureTableOf(cropOf(crop).flower), crop]));

test('in every table nothing is certain or impossible, every gap is a sign, and each cause has a sign that shows it', () => {
  for (const [table, crop] of TABLES) {
    for (const [, { prior, shows }] of table.causes) {
      expect(prior).toBeGreaterThan(0);
      for (const name of table.evidence) {
        expect(shows[name]).toBeGreaterThan(0);
        expect(shows[name]).toBeLessThan(100);
      }
      expect(table.evidence.some((name) => shows[name]! >= 65)).toBe(true);
    }
    const { flower } = cropOf(crop);
    const { gaps = [] } = flower ? factsOf(flower) : {};
    expect(table.signs).toEqual(expect.arrayContaining([...gaps]));
  }
});

const EVIDENCE = [...FRUIT_SIGNS, ...CIRCUMSTANCES];
const anyCrop = fc.constantFrom(...TABLES.values());
const anyEvidence = fc
  .dictionary(fc.constantFrom(...EVIDENCE), fc.boolean(), { maxKeys: EVIDENCE.length, noNullPrototype: true })
  .map((evidence) => evidence as Evidence);

test('a dark patch is never a lack of pollen, and is end rot unless something else is seen too', () => {
  fc.assert(
    fc.property(fc.constantFrom<CropId>('pepo', 'tomato', 'aubergine'), anyEvidence, (crop, evidence) => {
      const rot: Evidence = {
        ...{ ...evidence, darkPatch: true, petalRot: false, hole: false, broken: false, vineHurt: false },
        ...{ unfitPollen: false, shortStyle: false },
      };
      expect(chanceOf(crop, 'neverPollinated', rot)).toBeLessThan(0.1);
      expect(top(crop, { ...rot, tapered: false, softTip: false })).toBe('blossomEndRot');
    }),
  );
});

test('what tapers without such a patch is not end rot', () => {
  fc.assert(
    fc.property(fc.constantFrom<CropId>('pepo', 'tomato'), anyEvidence, (crop, evidence) => {
      expect(chanceOf(crop, 'blossomEndRot', { ...evidence, tapered: true, darkPatch: false })).toBeLessThan(
        0.05,
      );
    }),
  );
});

test('chances add up to 1, the likeliest comes first, and reasons speak for their cause', () => {
  fc.assert(
    fc.property(anyCrop, anyEvidence, (crop, evidence) => {
      const table = failureTableOf(cropOf(crop).flower);
      const { causes, lookAt } = diagnose(evidence, table);
      expect(causes.map(({ cause }) => cause).sort()).toEqual([...table.causes.keys()].sort());
      expect(causes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
      for (const [i, { chance, because }] of causes.entries()) {
        expect(chance).toBeLessThanOrEqual(causes[i - 1]?.chance ?? 1);
        for (const { evidence: name, so, times } of because) {
          expect(evidence[name]).toBe(so);
          expect(times).toBeGreaterThan(1);
        }
      }
      if (lookAt !== undefined) {
        expect(evidence[lookAt]).toBeUndefined();
        expect(table.signs).toContain(lookAt);
      }
    }),
  );
});

test('Bayes’ rule, by a plain second way', () => {
  fc.assert(
    fc.property(anyCrop, anyEvidence, (crop, evidence) => {
      const { causes } = failureTableOf(cropOf(crop).flower);
      const weight = (cause: NamedCause): number => {
        const { prior, shows } = causes.get(cause)!;
        return Object.entries(shows).reduce((product, [name, percent]) => {
          const so = evidence[name as keyof Evidence];
          return so === undefined ? product : (product * (so ? percent : 100 - percent)) / 100;
        }, prior);
      };
      const all = [...causes.keys()].reduce((sum, cause) => sum + weight(cause), 0);
      for (const { cause, chance } of diagnoseFor(crop, evidence).causes)
        expect(chance).toBeCloseTo(weight(cause) / all, 9);
    }),
  );
});

test('what a table does not name says nothing of it', () => {
  expect(diagnoseFor('corn', { darkPatch: true, fewMales: true })).toEqual(diagnoseFor('corn', {}));
});

test('with nothing known it is as likely as it is at all, and the first thing to look at tells most', () => {
  for (const [table, crop] of TABLES) {
    const { causes } = diagnose({}, table);
    const all = [...table.causes.values()].reduce((sum, { prior }) => sum + prior, 0);
    for (const { cause, chance, because } of causes) {
      expect(chance).toBeCloseTo(table.causes.get(cause)!.prior / all, 9);
      expect(because).toEqual([]);
    }
    // All was looked at.
    const seen = Object.fromEntries(EVIDENCE.map((name) => [name, false]));
    expect(diagnoseFor(crop, seen).lookAt).toBeUndefined();
  }
  expect(diagnoseFor('pepo', {}).lookAt).toBe('wholeYellow');
  expect(diagnoseFor('corn', {}).lookAt).toBe('empty');
  expect(diagnoseFor('aubergine', { wholeYellow: true }).lookAt).toBe('shortStyle');
});

test('what tells of a cause is common with it, and rarer with the others', () => {
  const telling = (crop: CropId, cause: NamedCause): string[] =>
    tellingOf(failureTableOf(cropOf(crop).flower), cause).map(({ name }) => name);
  // What is as common with all is no sign of any: ears are mostly worked on one day.
  expect(telling('corn', 'partlyPollinated')).toEqual(['grew', 'scattered', 'oneSide', 'late']);
  expect(telling('pepo', 'blossomEndRot')).toEqual(['darkPatch', 'grew']);
  for (const [table] of TABLES)
    for (const cause of table.causes.keys()) expect(tellingOf(table, cause).length).toBeGreaterThan(0);
});

test('says what weighed most', () => {
  const [first] = diagnoseFor('pepo', { darkPatch: true, grew: true, rained: false }).causes;
  expect(first!.because[0]).toMatchObject({ evidence: 'darkPatch', so: true });
  expect(first!.because.map(({ evidence }) => evidence)).toContain('grew');
});

/** Fruit of a garden of which the truth is known: not the numbers that the diagnosis believes, and eyes that miss. */
const SHOWS: Readonly<Partial<Record<NamedCause, Evidence>>> = {
  neverPollinated: { wholeYellow: true, grew: false },
  partlyPollinated: { tapered: true, grew: true, softTip: true, fewMales: true },
  blossomEndRot: { darkPatch: true, grew: true },
  tooMuchFruit: { wholeYellow: true, othersSwell: true },
  heatOrCold: { wholeYellow: true, hotOrCold: true },
  rain: { wholeYellow: true, rained: true, grew: false },
  wetRot: { petalRot: true, softTip: true },
  pest: { hole: true },
  handled: { broken: true },
  vineDamage: { vineHurt: true },
};
function failed(shows: Evidence, chance: Chance): Evidence {
  const happens = (percent: number): boolean => chance.below(100) < percent;
  return Object.fromEntries(
    EVIDENCE.map((name) => [name, happens(shows[name] === true ? 80 : shows[name] === false ? 10 : 12)]),
  );
}

test('of fruit whose cause is known it names the cause mostly, after at most four signs were looked at', () => {
  const chance = seededChance(4);
  const named = new Map<NamedCause, number>();
  const causes = Object.entries(SHOWS) as [NamedCause, Evidence][];
  const RUNS = 200;
  for (const [cause, shows] of causes) {
    for (let run = 0; run < RUNS; run += 1) {
      const { grew, rained, hotOrCold, fewMales, ...truth } = failed(shows, chance);
      let seen: Evidence = { grew: grew!, rained: rained!, hotOrCold: hotOrCold!, fewMales: fewMales! };
      for (let look = 0; look < 4; look += 1) {
        const { lookAt } = diagnoseFor('pepo', seen);
        if (lookAt) seen = { ...seen, [lookAt]: truth[lookAt]! };
      }
      if (top('pepo', seen) === cause) named.set(cause, (named.get(cause) ?? 0) + 1);
    }
  }
  const share = (cause: NamedCause): number => (named.get(cause) ?? 0) / RUNS;
  for (const cause of ['neverPollinated', 'partlyPollinated', 'blossomEndRot'] as const)
    expect(share(cause)).toBeGreaterThan(0.5);
  const mean = causes.reduce((sum, [cause]) => sum + share(cause), 0) / causes.length;
  // What is rare is asked late: of hurt vines hardly one is named after four signs.
  expect(mean).toBeGreaterThan(0.38);
});

describe('from the records', () => {
  const DAY = '2026-07-19';
  const at = (after: number, clock = '05:30'): string => `${addDays(DAY, after)}T${clock}:00Z`;
  function yard(pollinated: Partial<Bodies['pollinated']> = {}, others: readonly GrownInYard[] = []): Phone {
    const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2'] }, ...others]);
    phone.say(at(-1, '18:00'), {
      kind: 'covered',
      body: { plant: 'p1', day: DAY, method: 'bag', blooms: [{ bloom: 'K1', sex: 'female', code: 'K1' }] },
    });
    phone.say(at(0), {
      kind: 'pollinated',
      body: {
        ...{ bloom: 'K1', plant: 'p1', found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true },
        donors: [{ plant: 'p2', bloom: 'm' }],
        ...pollinated,
      },
    });
    return phone;
  }
  const look = (phone: Phone, after: number, body: Partial<Bodies['looked']>): void => {
    phone.say(at(after, '17:00'), { kind: 'looked', body: { bloom: 'K1', seen: 'yellowing', ...body } });
  };
  function known(phone: Phone, after: number): Evidence {
    const today = addDays(DAY, after);
    const fruits = fruitsOf(phone.journal, YARD, today, seasonAt(phone.journal, today));
    const [fruit] = fruits;
    return evidenceOf(phone.journal, fruit!, setFactors(phone.journal, YARD, fruits)(fruit!, fruit!.history));
  }

  test('one male, in time, yellow on day 4: it had not grown; of the weather nothing is known', () => {
    const phone = yard();
    look(phone, 4, { signs: ['wholeYellow'], without: ['darkPatch'] });
    expect(known(phone, 4)).toEqual({
      ...{ fewMales: true, oneDay: true, ownPlant: false, unfitPollen: false },
      late: false,
      grew: false,
      wholeYellow: true,
      darkPatch: false,
    });
  });

  test('found gone on day 9 without a look between, it may have grown', () => {
    const phone = yard();
    look(phone, 9, { seen: 'gone' });
    expect(known(phone, 9)).not.toHaveProperty('grew');
  });

  test('hours late, rain, heat the day after; crooked before it failed; males that nobody counted', () => {
    const phone = yard({ at: at(0, '09:30') } as object);
    phone.say(
      at(1),
      { kind: 'weather.noted', body: { day: DAY, dawnC: 15, maxC: 24, rain: 'long' } },
      { kind: 'weather.noted', body: { day: addDays(DAY, 1), dawnC: 18, maxC: 37, rain: 'none' } },
    );
    look(phone, 5, { seen: 'misshapen' });
    look(phone, 8, { signs: ['softTip'] });
    expect(known(phone, 8)).toMatchObject({
      rained: true,
      hotOrCold: true,
      grew: true,
      tapered: true,
      softTip: true,
    });
    expect(known(yard({ donors: [{ plant: 'p2', bloom: '' }] }), 3)).not.toHaveProperty('fewMales');
    expect(known(yard({ found: 'wilted' }), 3).late).toBe(true);
  });

  test('a finding says a sign of what its flower bears', () => {
    expect(signSaidBy('misshapen', 'strawberry')).toBe('tapered');
    expect(signSaidBy('yellowing', 'corn')).toBe('empty');
    expect(signSaidBy('yellowing', 'pepo')).toBeUndefined();
    for (const [table, crop] of TABLES) {
      const { flower } = cropOf(crop);
      for (const sign of Object.values(flower ? factsOf(flower).saidBy : {}))
        expect(table.signs).toContain(sign);
    }
  });

  test('pollen of its own plant, of a plant that cannot father it, and of plants nobody knows', () => {
    const phone = yard({ donors: [{ plant: 'p1', bloom: 'm' }] });
    expect(known(phone, 3)).toMatchObject({ ownPlant: true, unfitPollen: false });
    const foreign = yard({ donors: [{ plant: 'q1', bloom: 'm' }] }, [
      { variety: 'w', crop: 'watermelon', plants: ['q1'] },
    ]);
    expect(known(foreign, 3).unfitPollen).toBe(true);
    expect(known(yard({ donors: [{ plant: 'nobody', bloom: 'm' }] }), 3)).not.toHaveProperty('unfitPollen');
  });

  test('pollinated again the next day, it was not on one day only', () => {
    const phone = yard();
    phone.say(at(1), {
      kind: 'pollinated',
      body: {
        ...{ bloom: 'K1', plant: 'p1', found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true },
        donors: [{ plant: 'p2', bloom: 'm2' }],
        application: 2,
      },
    });
    expect(known(phone, 3).oneDay).toBe(false);
  });

  test('a sign that was there counts, though it was not there at another look or on another phone', () => {
    const phone = yard();
    look(phone, 5, { signs: ['hole'] });
    look(phone, 6, { without: ['hole'] });
    expect(known(phone, 6).hole).toBe(true);
  });
});
