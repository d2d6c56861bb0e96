import { isolationReports } from '@/core/isolation/isolationReport';
import type { GrownVariety, IsolationQuestion } from '@/core/isolation/question';
import type { Place } from '@/core/garden/places';
import { formatFor } from '../format/format';
import { riskNote, sayMethod, sayShare, verdictSentence } from './garden';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
const feet = formatFor('Europe/London', 'imperial', 'h24', 'en-GB');
const name = (id: string): string => id.toUpperCase();

const row = (x: number, y = 0, plants = 10): Place[] =>
  Array.from({ length: plants }, (_, i) => ({ x: x + i * 0.5, y }));
const grown = (id: string, with_: Partial<GrownVariety> = {}): GrownVariety => ({
  id,
  crop: 'pepo',
  purpose: 'seedToKeep',
  places: row(0),
  ...with_,
});
const questionOf = (
  varieties: readonly GrownVariety[],
  more: Partial<IsolationQuestion> = {},
): IsolationQuestion => ({ varieties, outside: [], barriers: [], ground: 'mixed', ...more });

/** What is said of the first variety of a garden. */
function said(question: IsolationQuestion, format = f): string {
  const [isolation] = isolationReports(question);
  const variety = question.varieties[0]!;
  const { id, crop, purpose, places, ...traits } = variety;
  const report = {
    isolation,
    variety: { variety: id, crop, purpose, traits },
    places,
    needs: [],
  };
  return verdictSentence(report as never, name, format);
}

test('the verdict comes first, with the nearest risk and what is needed', () => {
  const ember = grown('ember');
  expect(said(questionOf([grown('ash', { places: [] })]))).toBe('No plant of it is on the plan yet.');
  expect(said(questionOf([ember]))).toBe('Nothing that is known of can cross with it.');
  expect(said(questionOf([ember, grown('ash', { places: row(20) })]))).toMatch(
    /^ASH is 15\.5 m away, and crosses freely: keep \d+ m away\.$/,
  );
  const crowd = ['ash', 'oak', 'elm'].map((id, i) => grown(id, { places: row(20 + 10 * i) }));
  expect(said(questionOf([ember, ...crowd]))).toMatch(
    /^ASH is 15\.5 m away, 2 others nearby, and crosses freely/,
  );
  expect(said(questionOf([ember, ...crowd.slice(0, 2)]))).toMatch(/, 1 other nearby,/);
  expect(said(questionOf([ember, grown('ash', { places: row(20) })]), feet)).toMatch(/^ASH is 50\.9 ft away/);
});

test('says what is far, late or rare', () => {
  const far = grown('ash', { places: row(5000) });
  expect(said(questionOf([grown('ember'), far]))).toMatch(
    /^Isolated by distance: ASH is 4,?996 m away; \d+ m are enough\.$/,
  );
  const early = grown('ember', { flowering: ['2026-06-01', '2026-06-20'] });
  const late = grown('ash', { places: row(20), flowering: ['2026-07-01', '2026-08-01'] });
  expect(said(questionOf([early, late]))).toBe('Isolated by time: ASH flowers 11 days apart.');
  const next = grown('ash', { places: row(20), flowering: ['2026-06-21', '2026-08-01'] });
  expect(said(questionOf([early, next]))).toBe('Isolated by time: ASH flowers 1 day apart.');
  expect(said(questionOf([grown('ember'), grown('fig', { crop: 'moschata', places: row(20) })]))).toBe(
    'FIG is 15.5 m away and crosses with it, though rarely.',
  );
});

test('what is only eaten needs nothing, except corn whose kernels change', () => {
  const eaten = { purpose: 'eat' } as const;
  expect(said(questionOf([grown('ember', eaten), grown('ash', { places: row(20) })]))).toBe(
    'Grown to eat: its fruit stays as it is, whatever pollen comes.',
  );
  const corn = { crop: 'corn', purpose: 'eat', endosperm: 'supersweet' } as const;
  expect(
    said(
      questionOf([grown('silk', corn), grown('dent', { ...corn, endosperm: 'starchy', places: row(20) })]),
    ),
  ).toMatch(/^DENT is 15\.5 m away, and spoils its kernels this year: keep [\d.]+ m away\.$/);
  expect(said(questionOf([grown('silk', corn)]))).toBe('Nothing that is known of spoils it.');
});

test('a risk names its distance, what stands between, days, and how well it is known', () => {
  const source = { crop: 'pepo', middle: { x: 0, y: 120 }, radius: 10, plants: 50 } as const;
  const noteOf = (question: IsolationQuestion): string =>
    riskNote(isolationReports(question)[0]!.risks[0]!, f);
  expect(
    noteOf(questionOf([grown('ember')], { outside: [{ ...source, id: 'lane', certainty: 'told' }] })),
  ).toMatch(/^110 m away, \d+ m needed; when it flowers is not known; as you were told\.$/);
  const hedge = { sort: 'hedge', from: { x: -50, y: 60 }, to: { x: 50, y: 60 } } as const;
  const wall = { sort: 'wall', from: { x: -50, y: 70 }, to: { x: 50, y: 70 } } as const;
  expect(
    noteOf(
      questionOf([grown('ember')], {
        outside: [{ ...source, id: 'lane', certainty: 'guessed' }],
        barriers: [hedge, wall],
      }),
    ),
  ).toMatch(/behind a (hedge and a wall|wall and a hedge); .*; as you guess/);
  const span = ['2026-06-01', '2026-06-20'] as const;
  const together = questionOf([
    grown('ember', { flowering: span }),
    grown('ash', { places: row(20), flowering: span }),
  ]);
  expect(noteOf(together)).toMatch(/; flowers at the same time\.$/);
  const far = questionOf([
    grown('ember', { flowering: span }),
    grown('ash', { places: row(5000), flowering: span }),
  ]);
  expect(noteOf(far)).toMatch(/; flowers at the same time; far enough away\.$/);
  const later = questionOf([
    grown('ember', { flowering: span }),
    grown('ash', { places: row(20), flowering: ['2026-06-25', '2026-07-09'] }),
  ]);
  expect(noteOf(later)).toMatch(/; flowers 5 days apart; far enough apart in time\.$/);
});

test('every isolation method says what to do and what it costs', () => {
  const methods = [
    'askNeighbour',
    'timeIsolation',
    'coverAndHandPollinate',
    'bagFlowers',
    'cage',
    'alternateCages',
    'netAgainstInsects',
    'borderRows',
    'moveAway',
    'growOnlyOne',
  ] as const;
  const words = methods.map((method) =>
    sayMethod({ method, about: ['ash', 'oak', 'elm'], amount: 14 } as never, name, f),
  );
  for (const { do: what, cost } of words) {
    expect(what).toMatch(/^[A-Z].*\.$/);
    expect(cost).toMatch(/^(It costs|The others give) .*\.$/);
  }
  expect(new Set(words.map(({ do: what }) => what)).size).toBe(methods.length);
  expect(words[0]!.do).toBe('Ask what grows there, and when it flowers: ASH, OAK and ELM.');
  expect(words[1]!.do).toMatch(/^Sow so that there are 14 days between/);
  expect(words[8]!.do).toBe('Grow it 14 m away from ASH, OAK and ELM.');
});

test('shares have a range, small ones a digit more', () => {
  expect(sayShare({ share: 0, low: 0, high: 0 }, f)).toBe('none');
  expect(sayShare({ share: 0.18, low: 0.06, high: 0.43 }, f)).toBe('18 % (6 to 43 %)');
  expect(sayShare({ share: 0.007, low: 0.002, high: 0.02 }, f)).toBe('0.7 % (0.2 to 2 %)');
});
