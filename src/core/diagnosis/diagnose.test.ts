import fc from 'fast-check';
import { begin, YARD, type Phone } from '@testing/yard';
import { setFactors } from '../analysis/setTrials';
import { fruitsOf } from '../fruit/fruits';
import type { Bodies } from '../journal/kinds/kinds';
import { seededChance, type Chance } from '../random/chance';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { diagnose, type Evidence } from './diagnose';
import { evidenceOf } from './evidenceOf';
import { EVIDENCE, LIKELIHOODS, NAMED_CAUSES, type NamedCause } from './likelihoods';

const top = (evidence: Evidence): NamedCause => diagnose(evidence).causes[0]!.cause;

// What growers mix up, kept apart: common practice, no source.
test.each<[string, Evidence, NamedCause]>([
  ['whole fruitlet yellow and small, no growth', { wholeYellow: true, grew: false }, 'neverPollinated'],
  ['grew, then tapered, the tip soft', { grew: true, tapered: true, softTip: true }, 'partlyPollinated'],
  ['a growing fruit gets a dark, sunken patch', { grew: true, darkPatch: true }, 'blossomEndRot'],
  ['yellow while older ones swell', { wholeYellow: true, othersSwell: true, late: false }, 'tooMuchFruit'],
  [
    'yellow after great heat',
    { wholeYellow: true, hotOrCold: true, othersSwell: false, late: false },
    'heatOrCold',
  ],
  [
    'rain in the flower',
    { wholeYellow: true, grew: false, rained: true, late: false, fewMales: false, othersSwell: false },
    'rain',
  ],
  ['rot where petals stuck', { petalRot: true, softTip: true }, 'wetRot'],
  ['a hole in its side', { hole: true }, 'pest'],
  ['broke at the stalk', { broken: true }, 'handled'],
])('%s', (_, evidence, cause) => {
  expect(top(evidence)).toBe(cause);
});

const anyEvidence = fc
  .dictionary(fc.constantFrom(...EVIDENCE), fc.boolean(), { maxKeys: EVIDENCE.length, noNullPrototype: true })
  .map((evidence) => evidence as Evidence);

test('a dark patch is never a lack of pollen, and is end rot unless rot, a hole, a break or a bend is seen too', () => {
  fc.assert(
    fc.property(anyEvidence, (evidence) => {
      const rot = { ...evidence, darkPatch: true, petalRot: false, hole: false, broken: false };
      const { causes } = diagnose(rot);
      expect(causes.find(({ cause }) => cause === 'neverPollinated')!.chance).toBeLessThan(0.1);
      expect(top({ ...rot, tapered: false, softTip: false })).toBe('blossomEndRot');
    }),
  );
});

test('what tapers without such a patch is not end rot', () => {
  fc.assert(
    fc.property(anyEvidence, (evidence) => {
      const { causes } = diagnose({ ...evidence, tapered: true, darkPatch: false });
      expect(causes.find(({ cause }) => cause === 'blossomEndRot')!.chance).toBeLessThan(0.05);
    }),
  );
});

test('chances add up to 1, the likeliest comes first, and reasons speak for their cause', () => {
  fc.assert(
    fc.property(anyEvidence, (evidence) => {
      const { causes, lookAt } = diagnose(evidence);
      expect(causes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
      for (const [i, { chance, because }] of causes.entries()) {
        expect(chance).toBeLessThanOrEqual(causes[i - 1]?.chance ?? 1);
        for (const { evidence: name, so, times } of because) {
          expect(evidence[name]).toBe(so);
          expect(times).toBeGreaterThan(1);
        }
      }
      if (lookAt !== undefined) expect(evidence[lookAt]).toBeUndefined();
    }),
  );
});

test('with nothing known it is as likely as it is at all, and the first thing to look at tells most', () => {
  const { causes, lookAt } = diagnose({});
  const all = NAMED_CAUSES.reduce((sum, cause) => sum + LIKELIHOODS[cause].prior, 0);
  for (const { cause, chance, because } of causes) {
    expect(chance).toBeCloseTo(LIKELIHOODS[cause].prior / all, 9);
    expect(because).toEqual([]);
  }
  expect(lookAt).toBe('wholeYellow');
  // All was looked at.
  expect(diagnose(Object.fromEntries(EVIDENCE.map((name) => [name, false]))).lookAt).toBeUndefined();
});

test('says what weighed most', () => {
  const [first] = diagnose({ darkPatch: true, grew: true, rained: false }).causes;
  expect(first!.because[0]).toMatchObject({ evidence: 'darkPatch', so: true });
  expect(first!.because.map(({ evidence }) => evidence)).toContain('grew');
});

/** Fruit of a garden of which the truth is known: not the numbers that the diagnosis believes, and eyes that miss. */
function failed(cause: NamedCause, chance: Chance): Evidence {
  const happens = (percent: number): boolean => chance.below(100) < percent;
  const SHOWS: Readonly<Record<NamedCause, Evidence>> = {
    neverPollinated: { wholeYellow: true, grew: false },
    partlyPollinated: { tapered: true, grew: true, softTip: true, fewMales: true },
    blossomEndRot: { darkPatch: true, grew: true },
    tooMuchFruit: { wholeYellow: true, othersSwell: true },
    heatOrCold: { wholeYellow: true, hotOrCold: true },
    rain: { wholeYellow: true, rained: true, grew: false },
    wetRot: { petalRot: true, softTip: true },
    pest: { hole: true },
    handled: { broken: true },
  };
  const truth = EVIDENCE.map(
    (name) =>
      [name, happens(SHOWS[cause][name] === true ? 80 : SHOWS[cause][name] === false ? 10 : 12)] as const,
  );
  return Object.fromEntries(truth);
}

test('of fruit whose cause is known it names the cause mostly, after at most four signs were looked at', () => {
  const chance = seededChance(4);
  const named = new Map<NamedCause, number>();
  const RUNS = 200;
  for (const cause of NAMED_CAUSES) {
    for (let run = 0; run < RUNS; run += 1) {
      const truth = failed(cause, chance);
      let seen: Evidence = {
        grew: truth.grew!,
        rained: truth.rained!,
        hotOrCold: truth.hotOrCold!,
        fewMales: truth.fewMales!,
      };
      for (let look = 0; look < 4; look += 1) {
        const { lookAt } = diagnose(seen);
        if (lookAt) seen = { ...seen, [lookAt]: truth[lookAt]! };
      }
      if (top(seen) === cause) named.set(cause, (named.get(cause) ?? 0) + 1);
    }
  }
  const share = (cause: NamedCause): number => (named.get(cause) ?? 0) / RUNS;
  for (const cause of ['neverPollinated', 'partlyPollinated', 'blossomEndRot'] as const)
    expect(share(cause)).toBeGreaterThan(0.5);
  const mean = NAMED_CAUSES.reduce((sum, cause) => sum + share(cause), 0) / NAMED_CAUSES.length;
  expect(mean).toBeGreaterThan(0.45);
});

describe('from the records', () => {
  const DAY = '2026-07-19';
  const at = (after: number, clock = '05:30'): string => `${addDays(DAY, after)}T${clock}:00Z`;
  function yard(pollinated: Partial<Bodies['pollinated']> = {}): Phone {
    const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2'] }]);
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
      fewMales: true,
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

  test('a sign that was there counts, though it was not there at another look or on another phone', () => {
    const phone = yard();
    look(phone, 5, { signs: ['hole'] });
    look(phone, 6, { without: ['hole'] });
    expect(known(phone, 6).hole).toBe(true);
  });
});
