import { formatFor } from '../format/format';
import { sayHowMany, sayLastUseful } from './howMany';

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
    'Too late since 12 Aug: 50 days on the plant before an early frost on 1 Oct, 7 of them for a cool autumn.',
  );
});
