import { CROP_IDS, cropOf, type Crop } from '../crops/catalogue';
import { guideFigures, type FigureCode } from './guideFigures';
import { hygieneOf, MISTAKES, mistakesOf } from './mistakes';
import { schoolsOf, type SchoolQuestion } from './schools';
import { usualSeason } from './usualSeason';

const CROPS = CROP_IDS.map((id): [string, Crop] => [id, cropOf(id)]);

const figureOf = (id: Crop['id'], code: FigureCode) =>
  guideFigures(cropOf(id)).find((known) => known.code === code)?.figure;

const schoolOf = (id: Crop['id'], question: SchoolQuestion) =>
  schoolsOf(cropOf(id)).find((school) => school.question === question);

describe('figures', () => {
  // Common practice, no source.
  test.each([
    ['pepo', 'doneByClock', [10, 10]],
    ['cucumber', 'malesPerFemale', [10, 12]],
    ['melon', 'setPrior', [0.2, 0.2]],
    ['tomato', 'routineTakes', [3, 5]],
    ['strawberry', 'eatAfter', [25, 35]],
    ['pepo', 'bearingAfterMales', [7, 14]],
    ['corn', 'bearingAfterMales', [1, 3]],
  ] as const)('%s: %s', (id, code, value) => {
    expect(figureOf(id, code)).toMatchObject({ value, standing: 'practice' });
  });

  // Published, from memory: seed-saving guides; McGregor 1976; extension bulletins.
  test.each([
    ['corn', 'distanceRare', [800, 3000]],
    ['pepo', 'mothersConserve', [25, 25]],
    ['watermelon', 'receptive', [6, 8]],
    ['watermelon', 'malesPerFemale', [7, 7]],
    ['corn', 'receptive', [120, 240]],
  ] as const)('%s: %s, published', (id, code, value) => {
    const figure = figureOf(id, code);
    expect(figure).toMatchObject({ value, standing: 'memory' });
    expect(figure?.source).toBeTruthy();
  });

  test.each(CROPS)('%s: a figure quoted from memory names its source, no other one does', (_, crop) => {
    for (const { figure } of guideFigures(crop)) {
      expect(figure.source !== undefined).toBe(figure.standing === 'memory');
      expect(figure.value[0]).toBeLessThanOrEqual(figure.value[1]);
    }
  });

  test('males are not counted out for flowers that pollinate themselves', () => {
    expect(figureOf('tomato', 'malesForSeed')).toBeUndefined();
    expect(figureOf('pepo', 'malesForSeed')?.value).toEqual([3, 3]);
  });
});

describe('the usual season', () => {
  test('of squash: males first, females a week or two later, all of them before its last seed', () => {
    const [males, bearing, eating, seed] = usualSeason(cropOf('pepo'), 'sown');
    // 480 degree days above 8 °C, 12 on a day of 15 to 25 °C: 40 days.
    expect(males).toMatchObject({ stage: 'males', from: [40, 40], to: 109 });
    expect(bearing).toMatchObject({ stage: 'bearing', from: [47, 54], to: 109 });
    // 4 to 8 days, and 50 to 60.
    expect(eating).toMatchObject({ from: [51, 62], to: 117 });
    expect(seed).toMatchObject({ from: [97, 114], to: 169 });
  });

  test('a transplant flowers sooner, by the share it has behind it', () => {
    // 0.65 of 480 degree days.
    expect(usualSeason(cropOf('pepo'), 'plantedOut')[0]?.from).toEqual([26, 26]);
  });

  test('perfect flowers have one row', () => {
    expect(usualSeason(cropOf('tomato'), 'sown').map(({ stage }) => stage)).toEqual([
      'flowers',
      'eating',
      'seed',
    ]);
  });

  test.each(CROPS)('%s: nothing ends before it begins, fruit not before its flower', (_, crop) => {
    for (const how of ['sown', 'plantedOut'] as const) {
      const stages = usualSeason(crop, how);
      const first = stages[0]!.from[0];
      for (const { from, to } of stages) {
        expect(from[0]).toBeGreaterThanOrEqual(first);
        expect(from[0]).toBeLessThanOrEqual(from[1]);
        expect(from[1]).toBeLessThanOrEqual(to);
      }
    }
  });

  test('it stands no firmer than the weakest figure in it', () => {
    expect(usualSeason(cropOf('cucumber'), 'sown').every(({ standing }) => standing === 'default')).toBe(
      true,
    );
  });
});

describe('schools', () => {
  test('of squash: the flower itself, two for fruit and three for seed, tape by purpose, once', () => {
    expect(schoolOf('pepo', 'tool')?.ours).toEqual({ code: 'method', method: 'maleFlower' });
    expect(schoolOf('pepo', 'males')?.ours).toEqual({ code: 'malesOfOthers', fruit: 2, seed: 3 });
    expect(schoolOf('pepo', 'cover')?.ours).toEqual({ code: 'coverForSeed', cover: 'tape' });
    expect(schoolOf('pepo', 'again')?.ours).toEqual({ code: 'onceOnly' });
  });

  test('again: watermelon an hour later, corn the next day if one wants, tomato on a routine', () => {
    expect(schoolOf('watermelon', 'again')?.ours).toEqual({ code: 'againSameDay', hours: 1 });
    expect(schoolOf('corn', 'again')?.ours).toEqual({ code: 'onceOrNextDay' });
    expect(schoolOf('tomato', 'again')?.ours).toEqual({ code: 'againNextDay', days: 1 });
  });

  test('only tools are called so', () => {
    expect(schoolOf('tomato', 'tool')?.ways).toEqual(['vibrate', 'shake', 'brush']);
  });

  test('a flower of the night is not worked at first light', () => {
    expect(schoolOf('bottleGourd', 'hour')).toBeUndefined();
    expect(schoolOf('pepo', 'hour')).toBeDefined();
  });

  test('nobody disagrees on what is not pollinated by hand', () => {
    expect(schoolsOf(cropOf('lettuce'))).toEqual([]);
  });
});

describe('mistakes and hygiene', () => {
  test('each mistake is one of some crop, and no crop has them all', () => {
    const found = new Set(CROPS.flatMap(([, crop]) => mistakesOf(crop)));
    expect([...MISTAKES].filter((mistake) => !found.has(mistake))).toEqual([]);
    for (const [, crop] of CROPS) expect(mistakesOf(crop).length).toBeLessThan(MISTAKES.length);
  });

  test.each([
    ['cucumber', 'pollinatedForNothing'],
    ['melon', 'stalkOfSmallFlower'],
    ['melon', 'ownPollenInside'],
    ['aubergine', 'shortStyled'],
    ['strawberry', 'brushedOnce'],
    ['corn', 'silkOutside'],
    ['tomato', 'openForCross'],
    ['pepo', 'lateInTheMorning'],
  ] as const)('%s: %s', (id, mistake) => {
    expect(mistakesOf(cropOf(id))).toContain(mistake);
  });

  test('squash is not judged by what goes wrong with corn', () => {
    expect(mistakesOf(cropOf('pepo'))).not.toContain('silkOutside');
    expect(mistakesOf(cropOf('cucumber'))).not.toContain('lateInTheMorning');
  });

  test('where viruses travel on hands, hands are cleaned and no seed of a mottled mother is kept', () => {
    expect(hygieneOf(cropOf('tomato'))).toEqual(
      expect.arrayContaining(['cleanTools', 'noSeedFromMottled', 'freshBags']),
    );
    expect(hygieneOf(cropOf('lettuce'))).not.toContain('noSeedFromMottled');
  });
});
