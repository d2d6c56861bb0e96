import type { Link } from './chain';
import { remediesFor } from './remedies';

const link = (state: Link['state'], code: Link['reasons'][number]['code']): Link => ({
  link: 'cover',
  state,
  reasons: [{ code, params: {} }],
});
const codesOf = (...chain: Link[]): string[] => remediesFor({ chain }).map(({ code }) => code);

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
  ).toEqual(['remedy.shutAtOnce', 'remedy.coverEvening', 'remedy.fresher', 'remedy.askSource']);
  expect(codesOf(link('holds', 'tag.present'))).toEqual([]);
});
