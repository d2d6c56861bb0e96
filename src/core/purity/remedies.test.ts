import type { Link } from './chain';
import { remediesFor, settlesFor } from './remedies';

const link = (state: Link['state'], code: Link['reasons'][number]['code']): Link => ({
  link: 'cover',
  state,
  reasons: [{ code, params: {} }],
});
const codesOf = (...chain: Link[]): string[] => remediesFor({ chain }).map(({ code }) => code);

const settling = (...chain: Link[]): string[] => settlesFor({ chain }).map(({ code }) => code);

test('what would have helped most comes first, each once; what holds or is not yet known needs nothing', () => {
  expect(
    codesOf(
      link('unknown', 'seed.unknown'),
      link('doubtful', 'intact.wilted'),
      link('broken', 'closed.leftOpen'),
      link('broken', 'cover.none'),
      link('broken', 'cover.late'),
      link('pending', 'tag.untilHarvest'),
      link('holds', 'pollen.clean'),
    ),
  ).toEqual(['remedy.shutAtOnce', 'remedy.coverEvening', 'remedy.fresher']);
  expect(codesOf(link('holds', 'tag.present'))).toEqual([]);
});

test('of what is not known, what it lacks itself would help as well, after what would settle it', () => {
  const both: Link = {
    ...link('unknown', 'guard.notLooked'),
    reasons: [
      { code: 'guard.notLooked', params: {} },
      { code: 'cover.none', params: {} },
    ],
  };
  expect(codesOf(both)).toEqual(['remedy.coverEvening']);
  expect(codesOf({ ...both, state: 'holds' }, { ...both, state: 'pending' })).toEqual([]);
  expect(settling(both)).toEqual(['remedy.lookAround']);
});

test('what would settle what is not known, each once; what is weak is known to be', () => {
  expect(
    settling(
      link('unknown', 'guard.notLooked'),
      link('unknown', 'guard.notLooked'),
      link('unknown', 'seed.swapped'),
      link('doubtful', 'guard.rarely'),
      link('holds', 'guard.distance'),
    ),
  ).toEqual(['remedy.lookAround', 'remedy.askSource']);
});
