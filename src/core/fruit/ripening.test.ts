import fc from 'fast-check';
import { noteMildDays } from '@testing/mildDays';
import { begin, YARD } from '@testing/yard';
import { CROP_IDS, cropOf } from '../crops/catalogue';
import { MILD_DAY } from '../season/flowering';
import { seasonAt } from '../season/seasons';
import { addDays, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { fruitsOf } from './fruits';
import { ripeningAt, ripensOn } from './ripening';

const DAY = '2026-07-01';
const HOT = { min: 24, max: 38 };
const COLD = { min: 2, max: 8 };
const days = (temperatures: (day: Day) => { min: number; max: number }): number =>
  daysBetween(DAY, ripensOn('pepo', 'seed', DAY, temperatures)!);

// Seed of squash: 50 to 60 days on the plant (handbook; our default within common practice).
test('the shortest time where it is mild, no shorter where it is hot, the longest where it is cold', () => {
  expect([days(() => MILD_DAY), days(() => HOT), days(() => COLD)]).toEqual([50, 50, 60]);
  // Of a cool month and a mild one something between.
  expect(days((day) => (day < '2026-08-01' ? COLD : MILD_DAY))).toBe(55);
});

test('of every crop it is within its span, whatever the weather, and warmth never makes it later', () => {
  const use = fc.constantFrom('eat' as const, 'seed' as const);
  const weather = fc.array(fc.integer({ min: -5, max: 35 }), { minLength: 100, maxLength: 100 });
  fc.assert(
    fc.property(fc.constantFrom(...CROP_IDS), use, weather, fc.nat(10), (crop, what, means, warmer) => {
      const at = (more: number) => (day: Day) => {
        const mean = means[daysBetween(DAY, day) % 100]! + more;
        return { min: mean - 5, max: mean + 5 };
      };
      const own = (what === 'seed' ? cropOf(crop).seedAfter : cropOf(crop).eatAfter)?.value;
      const [ripe, sooner] = [ripensOn(crop, what, DAY, at(0)), ripensOn(crop, what, DAY, at(warmer))];
      if (!own) return expect([ripe, sooner]).toEqual([undefined, undefined]);
      expect(daysBetween(DAY, ripe!)).toBeGreaterThanOrEqual(own[0]);
      expect(daysBetween(DAY, ripe!)).toBeLessThanOrEqual(own[1]);
      expect(sooner! <= ripe!).toBe(true);
    }),
  );
});

test('in a garden by the temperatures there were, and under glass sooner', () => {
  const ripe = (glass: boolean, maxC?: number): Day => {
    const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p'] }]);
    const bed = phone.journal.all('plant').get('p')!.bed;
    const laid = phone.journal.all('bed').get(bed)!;
    if (glass) phone.say('2026-05-01T10:00:00Z', { kind: 'bed.laid', body: { ...laid, glass } });
    phone.say(`${DAY}T05:00:00Z`, {
      kind: 'pollinated',
      body: {
        ...{ bloom: 'f', plant: 'p', donors: [], day: DAY },
        ...({ found: 'open', method: 'maleFlower', shutAgain: false, tagged: true } as const),
      },
    });
    if (maxC !== undefined) noteMildDays(phone, DAY, 70, maxC - MILD_DAY.max);
    const fruits = fruitsOf(phone.journal, YARD, '2026-09-15', seasonAt(phone.journal, '2026-09-15'));
    return ripeningAt(phone.journal, YARD)(fruits[0]!, 'seed')!;
  };
  expect(ripe(false, 25)).toBe(addDays(DAY, 50));
  expect(ripe(false, 14)).toBe(addDays(DAY, 60));
  // Nobody measured: by the climate, in which a summer day is a little cooler than mild.
  expect(ripe(false) > addDays(DAY, 50)).toBe(true);
  expect(ripe(true) < ripe(false)).toBe(true);
});
