import { formatFor } from '../format/format';
import { cropOf } from '@/core/crops/catalogue';
import { sayHowMany, sayLastUseful, sayMornings } from './howMany';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
const KEPT = { share: 0.65, low: 0.5, high: 0.78 };

test('so many flowers, of what share, and by whose figures', () => {
  expect(
    sayHowMany({ pollinations: 7, kept: KEPT, own: 0, ownWeight: 0 }, { wanted: 3, plants: 4 }, f),
  ).toEqual({
    lead: 'Pollinate 7 flowers for 3 fruits.',
    reasons: [
      'Of 100 about 65 are kept (50 to 78), by the field guide’s figure: none of your own has come so far yet.',
    ],
  });
});

test('what the plants cannot carry is said, and that no number will do', () => {
  const answer = { kept: KEPT, own: 12, ownWeight: 0.2, carried: 6, plantsNeeded: 4 };
  expect(sayHowMany(answer, { wanted: 10, plants: 2 }, f)).toEqual({
    lead: 'No number of flowers makes 10 fruits that sure.',
    reasons: [
      'Of 100 about 65 are kept (50 to 78), by 12 flowers of your own, which weigh 20 %, and the field guide’s figure.',
      '2 plants ripen seed in 6 fruits at most: 4 plants are needed for that.',
    ],
  });
});

test('until when, and since when it is too late', () => {
  const last = { day: '2026-08-12', days: 50, coolDays: 0, frost: '2026-10-01' };
  expect(sayLastUseful(last, '2026-08-12', f)).toBe(
    'Worth while until 12 Aug: 50 days on the plant before an early frost on 1 Oct.',
  );
  expect(sayLastUseful({ ...last, coolDays: 7 }, '2026-08-13', f)).toBe(
    'Too late since 12 Aug: 50 days on the plant before an early frost on 1 Oct, 7 of them because it is cool then.',
  );
});

test('in how many mornings, with the range, and males that will be short', () => {
  const mornings = {
    ...{ from: '2026-07-19', soon: '2026-07-23', likely: '2026-07-25', late: '2026-07-29' },
    ...{ chance: 0.99, females: 1.24, males: { needed: 24, expected: 15.4 } },
  };
  const crop = cropOf('pepo');
  expect(sayMornings(mornings, { flowers: 8, crop }, f)).toEqual([
    'About 1.2 females open a mild day: 8 take about 7 mornings, until 25 Jul (23 Jul to 29 Jul), if you work each.',
    'They take 24 males, and about 15 open meanwhile: males will be short.',
  ]);
  const { soon: _soon, likely: _likely, late: _late, ...never } = mornings;
  const enough = { needed: 24, expected: 40 };
  expect(sayMornings({ ...never, chance: 0.08, males: enough }, { flowers: 8, crop }, f)).toEqual([
    'About 1.2 females open a mild day: the chance that 8 open in time is 8 %.',
  ]);
});
