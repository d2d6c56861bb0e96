import { CROP_IDS, cropOf, type CropId } from '../crops/catalogue';
import { identify } from './identify';
import { kindsOf, signsOf, type SeenCrop } from './kindsOf';
import { SIGNS, type Evidence, type SignId } from './signs/sign';

const seen = (id: CropId): SeenCrop => cropOf(id) as SeenCrop;
const SEEN = CROP_IDS.filter((id) => cropOf(id).flower);
const pepo = seen('pepo');

describe('trade facts of telling flowers apart (common practice, no source)', () => {
  const cases: [string, CropId, Evidence, Partial<Record<'sex' | 'stage', string>>][] = [
    [
      'a swelling under the petals is a female, days before it opens',
      'pepo',
      { under: 'fruitlet', size: 'half', colour: 'green', feel: 'slack' },
      { sex: 'female', stage: 'green' },
    ],
    [
      'a long even stalk up to the flower is a male squash',
      'pepo',
      { under: 'even', stalkLength: 'long' },
      { sex: 'male' },
    ],
    ['one central column is a male', 'maxima', { inside: 'column' }, { sex: 'male' }],
    ['a short column with lobes is a female', 'moschata', { inside: 'lobes' }, { sex: 'female' }],
    ['tiny at the growing tip is a pin', 'pepo', { size: 'tiny', colour: 'green' }, { stage: 'pin' }],
    [
      'larger, green and slack is green',
      'pepo',
      { size: 'half', colour: 'green', feel: 'slack' },
      { stage: 'green' },
    ],
    [
      'long, firm, colour along the seams is an eve bud',
      'pepo',
      { size: 'full', feel: 'firm', colour: 'seams', tip: 'closed' },
      { stage: 'eve' },
    ],
    [
      'a first trace of yellow marks the eve bud of melon',
      'melon',
      { colour: 'seams', tip: 'closed' },
      { stage: 'eve' },
    ],
    ['wilted, twisted shut is spent', 'pepo', { feel: 'limp', tip: 'twisted' }, { stage: 'spent' }],
    [
      'a melon flower on a side shoot bears fruit',
      'melon',
      { shoot: 'sideShoot', grouping: 'single' },
      { sex: 'perfect' },
    ],
    ['clustered flowers of cucumber are males', 'cucumber', { grouping: 'clustered' }, { sex: 'male' }],
    [
      'a tassel with many hanging anthers sheds',
      'corn',
      { organ: 'tassel', hangingAnthers: 'many' },
      { sex: 'male', stage: 'open' },
    ],
    [
      'a bare and pale tassel is spent',
      'corn',
      { organ: 'tassel', hangingAnthers: 'pale' },
      { sex: 'male', stage: 'spent' },
    ],
    [
      'tips of silk are out already',
      'corn',
      { organ: 'shoot', silk: 'short' },
      { sex: 'female', stage: 'open' },
    ],
    [
      'long silk can be pollinated',
      'corn',
      { organ: 'shoot', silk: 'long' },
      { sex: 'female', stage: 'open' },
    ],
    [
      'petals that colour but have not opened are right for emasculation',
      'tomato',
      { petals: 'colouring' },
      { stage: 'eve' },
    ],
    [
      'brown anthers of strawberry are over',
      'strawberry',
      { anthers: 'brown', petals: 'withered' },
      { stage: 'spent' },
    ],
  ];
  test.each(cases)('%s', (_, crop, evidence, is) => {
    const found = identify(seen(crop), {}, evidence);
    if (is.sex) expect(found.sex.most).toBe(is.sex);
    if (is.stage) expect(found.stage.most).toBe(is.stage);
  });

  test('in aubergine the style decides whether a flower can set', () => {
    const found = identify(seen('aubergine'), {}, { petals: 'open', style: 'below' });
    expect(found.style!.most).toBe('short');
    expect(found.style!.chance).toBeGreaterThan(0.8);
    expect(identify(seen('aubergine'), {}, { petals: 'open' }).next[0]!.sign).toBe('style');
  });

  test('the stalk tells less in crops whose males stand on short ones', () => {
    const male = (crop: CropId): number => {
      const found = identify(seen(crop), {}, { stalkLength: 'long' });
      return found.sex.most === 'male' ? found.sex.chance : 1 - found.sex.chance;
    };
    expect(male('pepo')).toBeGreaterThan(male('watermelon'));
  });
});

test('whether melon flowers that bear are perfect or female shows inside', () => {
  expect(identify(seen('melon'), {}, { under: 'fruitlet', inside: 'both' }).sex.most).toBe('perfect');
  expect(identify(seen('melon'), {}, { under: 'fruitlet', inside: 'lobes' }).sex.most).toBe('female');
  const known = identify(seen('melon'), { flowers: 'female' }, { under: 'fruitlet', inside: 'both' });
  expect(known.beliefs.some(({ kind }) => kind.sex === 'perfect')).toBe(false);
});

test('on a plant that has hardly any male, a flower of which nothing was seen is a female', () => {
  expect(identify(seen('cucumber'), { gynoecious: true }, {}).sex.most).toBe('female');
  expect(identify(seen('cucumber'), {}, {}).sex.most).toBe('male');
});

test('contradictory signs are named, and those that agree are not', () => {
  const found = identify(pepo, {}, { under: 'fruitlet', inside: 'column', feel: 'firm', size: 'full' });
  expect(found.conflicting).toEqual(expect.arrayContaining(['under', 'inside']));
  expect(found.conflicting).not.toContain('feel');
  expect(identify(pepo, {}, { under: 'fruitlet', inside: 'lobes', tip: 'open' }).conflicting).toEqual([]);
});

test('a single sign contradicts nothing', () => {
  expect(identify(pepo, {}, { inside: 'both' }).conflicting).toEqual([]);
});

test('what speaks against the answer has a ratio below one', () => {
  const found = identify(pepo, {}, { under: 'fruitlet', inside: 'lobes', stalkLength: 'long' });
  const ratio = (sign: SignId): number => found.speaking.find((each) => each.sign === sign)!.sex;
  expect(found.sex.most).toBe('female');
  expect(ratio('stalkLength')).toBeLessThan(1);
  expect(ratio('inside')).toBeGreaterThan(10);
});

describe.each(SEEN)('%s', (id) => {
  const crop = seen(id);
  const table = signsOf(crop.flower);
  const ids = Object.keys(table) as SignId[];

  test('each row of each sign is a distribution', () => {
    for (const { kind } of kindsOf(crop, {})) {
      for (const sign of ids) {
        const row = table[sign]!(kind);
        expect(row).toHaveLength(SIGNS[sign].length);
        expect(Math.min(...row)).toBeGreaterThan(0);
        expect(row.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 10);
      }
    }
  });

  test('the chances of what a flower may be sum to 1', () => {
    expect(kindsOf(crop, {}).reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 12);
  });

  test('agrees with the joint table of all signs, enumerated plainly', () => {
    let seed = id.length * 31;
    const pick = (n: number): number => (seed = (seed * 16807) % 2147483647) % n;
    for (let i = 0; i < 40; i += 1) {
      const evidence = Object.fromEntries(
        ids.filter(() => pick(2) === 0).map((sign) => [sign, SIGNS[sign][pick(SIGNS[sign].length)]]),
      ) as Evidence;
      const joint = kindsOf(crop, {}).map(({ kind, chance }) => {
        let product = chance;
        for (const sign of ids) {
          if (evidence[sign] === undefined) continue;
          product *= table[sign]!(kind)[(SIGNS[sign] as readonly string[]).indexOf(evidence[sign])]!;
        }
        return { kind, product };
      });
      const sum = joint.reduce((all, { product }) => all + product, 0);
      const found = identify(crop, {}, evidence);
      for (const { kind, product } of joint) {
        const belief = found.beliefs.find(
          (each) => each.kind === kind || JSON.stringify(each.kind) === JSON.stringify(kind),
        )!;
        expect(belief.chance).toBeCloseTo(product / sum, 10);
      }
      expect(found.next.map(({ sign }) => sign).some((sign) => evidence[sign] !== undefined)).toBe(false);
    }
  });
});
