import { CROP_IDS, cropOf, type CropId } from '@/core/crops/catalogue';
import { FLOWER_STAGES, STYLE_LENGTHS, type FlowerForm } from '@/core/crops/flowerForm';
import { kindsOf, type SeenCrop } from '@/core/flowers/kindsOf';
import { SIGNS, type SignId } from '@/core/flowers/signs/sign';
import { signsOf } from '@/core/flowers/kindsOf';
import { flowerFace, flowerSide, frameOf, hasFace } from './drawFlower';
import { factsOf } from '@/core/flowers/forms/forms';
import { FRUIT_FATES } from '@/core/flowers/fruitFate';
import { fruitFate } from './fruitFate';
import { DEFECTS, type FlowerLooks } from './looks';
import { boxOf, pathOf, placed, type Box, type Part, type Shape } from './shape';
import { plantScene, SCENE_FLOWERS } from './scene';
import { signPicture } from './signPicture';

const SEEN = CROP_IDS.filter((id) => cropOf(id).flower);
const formOf = (id: CropId): FlowerForm => cropOf(id).flower!;
const seenCrop = (id: CropId): SeenCrop => cropOf(id) as SeenCrop;

const partOf = (shapes: readonly Shape[], part: Part): Shape[] =>
  shapes.filter((shape) => shape.part === part);
const boxOfPart = (shapes: readonly Shape[], part: Part): Box => boxOf(partOf(shapes, part), 0);
const areaOf = ({ width, height }: Box): number => width * height;
const isSound = (shapes: readonly Shape[]): boolean =>
  shapes.length > 0 && shapes.every((shape) => /^M[-\d.,MLCZ]+$/.test(pathOf(shape)));

describe.each(SEEN)('%s', (id) => {
  const form = formOf(id);

  test('every sex, age, defect and cover is drawn with sound paths', () => {
    for (const { kind } of kindsOf(seenCrop(id), {})) {
      for (let seed = 0; seed < 5; seed += 1) {
        const looks: FlowerLooks = { form, seed, ...kind };
        expect(isSound(flowerSide(looks))).toBe(true);
        for (const defect of DEFECTS)
          expect(isSound(flowerSide({ ...looks, defect, cover: 'tape' }))).toBe(true);
        expect(isSound(flowerSide({ ...looks, cover: 'bag' }))).toBe(true);
      }
      if (hasFace(form)) expect(isSound(flowerFace({ form, seed: 1, ...kind, stage: 'open' }))).toBe(true);
    }
  });

  test('a flower grows from the pin to the evening before it opens', () => {
    for (const sex of new Set(kindsOf(seenCrop(id), {}).map(({ kind }) => kind.sex))) {
      const [pin, green, eve] = (['pin', 'green', 'eve'] as const).map((stage) => {
        const shapes = flowerSide({ form, sex, stage, seed: 3 });
        const own = shapes.filter(({ part }) => ['bud', 'seam', 'tassel', 'shoot'].includes(part));
        return boxOf(own, 0).height;
      });
      expect(pin).toBeLessThan(green!);
      expect(green).toBeLessThan(eve!);
    }
  });

  test('the same seed draws the same flower, another seed another', () => {
    const looks: FlowerLooks = { form, sex: kindsOf(seenCrop(id), {})[0]!.kind.sex, stage: 'open', seed: 4 };
    expect(flowerSide(looks)).toEqual(flowerSide(looks));
    expect(flowerSide({ ...looks, seed: 5 })).not.toEqual(flowerSide(looks));
  });

  test('whatever is drawn fits into its frame, on its lower edge', () => {
    for (const stage of FLOWER_STAGES) {
      for (const { kind } of kindsOf(seenCrop(id), {})) {
        const shapes = flowerSide({ form, seed: 2, ...kind, stage });
        const [frame, own] = [frameOf(form, shapes), boxOf(shapes)];
        expect(frame.x).toBeLessThanOrEqual(own.x + 0.01);
        expect(frame.y).toBeLessThanOrEqual(own.y + 0.01);
        expect(frame.x + frame.width).toBeGreaterThanOrEqual(own.x + own.width - 0.01);
        expect(frame.y + frame.height).toBeGreaterThanOrEqual(own.y + own.height - 0.01);
      }
    }
  });

  test('each sign that is asked has a picture for each of its values, or none at all', () => {
    const signs = Object.keys(signsOf(form)) as SignId[];
    for (const sign of signs) {
      const drawn = SIGNS[sign].map((value) => signPicture(form, sign, value as never) !== undefined);
      expect(new Set(drawn).size).toBe(1);
    }
  });
});

const GOURDS = SEEN.filter((id) => formOf(id).type === 'gourd');
describe.each(GOURDS)('the signs of %s (common practice, no source)', (id) => {
  const form = formOf(id);
  const drawn = (sex: FlowerLooks['sex'], stage: FlowerLooks['stage'], seed = 1): Shape[] =>
    flowerSide({ form, sex, stage, seed });

  test('a small fruit under the female at every age, none under the male', () => {
    for (const stage of FLOWER_STAGES) {
      expect(partOf(drawn('female', stage), 'fruitlet').length).toBeGreaterThan(0);
      expect(partOf(drawn('male', stage), 'fruitlet')).toEqual([]);
    }
  });

  test('the fruitlet of an eve bud is visibly further on than that of a green one', () => {
    for (let seed = 0; seed < 20; seed += 1) {
      const [green, eve] = (['green', 'eve'] as const).map((stage) =>
        areaOf(boxOfPart(drawn('female', stage, seed), 'fruitlet')),
      );
      expect(eve! / green!).toBeGreaterThan(1.4);
    }
  });

  test('the fruitlet is wider than the stalk below it', () => {
    for (const stage of ['green', 'eve', 'open'] as const) {
      const shapes = drawn('female', stage);
      const solid = partOf(shapes, 'stalk').slice(0, 1);
      expect(boxOfPart(shapes, 'fruitlet').width).toBeGreaterThan(1.4 * boxOf(solid, 0).width);
    }
  });

  test('colour shows along the seams of the eve bud only', () => {
    const coloured = (stage: FlowerLooks['stage']): boolean =>
      drawn('male', stage).some(({ fill }) => fill === 'seam' || fill === 'petal');
    expect([coloured('pin'), coloured('green'), coloured('eve')]).toEqual([false, false, true]);
  });

  test('one column in the male, lobes in the female, both lobes and anthers in the perfect one', () => {
    const parts = (sex: FlowerLooks['sex']): Set<Part> =>
      new Set(flowerFace({ form, sex, stage: 'open', seed: 1 }).map(({ part }) => part));
    expect(parts('male').has('column')).toBe(true);
    expect(parts('male').has('lobes')).toBe(false);
    expect(parts('female').has('lobes')).toBe(true);
    expect(parts('female').has('column')).toBe(false);
    expect(parts('perfect').has('lobes') && parts('perfect').has('anthers')).toBe(true);
  });
});

test('males of squash stand on longer stalks than their females, and than those of watermelon', () => {
  const stalk = (id: CropId, sex: 'male' | 'female'): number =>
    boxOfPart(flowerSide({ form: formOf(id), sex, stage: 'open', seed: 1 }), 'stalk').height;
  expect(stalk('pepo', 'male')).toBeGreaterThan(2 * stalk('pepo', 'female'));
  expect(stalk('pepo', 'male')).toBeGreaterThan(2 * stalk('watermelon', 'male'));
});

test('the style of aubergine stands out, is level with the anthers, or is hidden', () => {
  const form = formOf('aubergine');
  const beyond = STYLE_LENGTHS.map((style) => {
    const shapes = flowerSide({ form, sex: 'perfect', stage: 'open', style, seed: 1 });
    const end = ({ y, height }: Box): number => y + height;
    return end(boxOfPart(shapes, 'style')) - end(boxOfPart(shapes, 'anthers'));
  });
  expect(beyond[0]).toBeGreaterThan(8);
  expect(Math.abs(beyond[1]!)).toBeLessThan(8);
  expect(beyond[2]).toBeLessThan(0);
});

test('silk shows once it is out, and hangs from a shoot, not from a tassel', () => {
  const has = (sex: 'male' | 'female', stage: FlowerLooks['stage'], part: Part): boolean =>
    partOf(flowerSide({ form: formOf('corn'), sex, stage, seed: 1 }), part).length > 0;
  expect(FLOWER_STAGES.map((stage) => has('female', stage, 'silk'))).toEqual([
    false,
    false,
    false,
    true,
    true,
  ]);
  const tips = flowerSide({ form: formOf('corn'), sex: 'female', stage: 'open', tips: true, seed: 1 });
  expect(partOf(tips, 'silk').length).toBeGreaterThan(0);
  expect(FLOWER_STAGES.some((stage) => has('male', stage, 'silk'))).toBe(false);
  expect(FLOWER_STAGES.map((stage) => has('male', stage, 'anthers'))).toEqual([
    false,
    false,
    true,
    true,
    false,
  ]);
});

test('the fruit shape of the variety is that of the fruitlet', () => {
  const wide = (fruitShape: FlowerLooks['fruitShape']): number => {
    const box = boxOfPart(
      flowerSide({ form: formOf('pepo'), sex: 'female', stage: 'open', fruitShape: fruitShape!, seed: 1 }),
      'fruitlet',
    );
    return box.width / box.height;
  };
  expect(wide('flat')).toBeGreaterThan(1.2);
  expect(wide('round')).toBeGreaterThan(0.9);
  expect(wide('long')).toBeLessThan(0.5);
});

test('placing moves, scales and turns points', () => {
  const shape: Shape = {
    part: 'petals',
    runs: [
      [
        [0, 0],
        [10, 0],
      ],
    ],
    closed: false,
    fill: 'petal',
    line: 'ink',
    width: 2,
  };
  const [moved] = placed([shape], { at: [5, 5], scale: 2, turn: 90 });
  expect(moved!.runs[0]![1]![0]).toBeCloseTo(5, 10);
  expect(moved!.runs[0]![1]![1]).toBeCloseTo(25, 10);
});

test('a box round nothing is refused', () => expect(() => boxOf([])).toThrow(RangeError));

describe.each(GOURDS)('what becomes of a fruitlet of %s', (id) => {
  const form = formOf(id);
  const width = (fate: (typeof FRUIT_FATES)[number]): number =>
    boxOfPart(fruitFate(form, fate), 'fruitlet').width;

  test('each fate is drawn with sound paths', () => {
    for (const fate of FRUIT_FATES) expect(isSound(fruitFate(form, fate))).toBe(true);
  });
  test('what was not pollinated stays small, what grows is large', () => {
    expect(width('yellowing')).toBeLessThan(0.6 * width('growing'));
  });
  test('what was partly pollinated is narrow at the flower end', () => {
    const near = (fate: 'growing' | 'misshapen'): number => {
      const outline = fruitFate(form, fate)
        .find(({ part }) => part === 'fruitlet')!
        .runs.flat();
      const top = Math.min(...outline.map(([, y]) => y));
      const tall = Math.max(...outline.map(([, y]) => y)) - top;
      const xs = outline.filter(([, y]) => y < top + 0.25 * tall).map(([x]) => x);
      return (Math.max(...xs) - Math.min(...xs)) / width(fate);
    };
    expect(near('misshapen')).toBeLessThan(0.75 * near('growing'));
  });
  test('end rot is a dark patch at the flower end, and nothing is left of what fell', () => {
    const rot = boxOfPart(fruitFate(form, 'endRot'), 'defect');
    const fruit = boxOfPart(fruitFate(form, 'endRot'), 'fruitlet');
    expect(rot.y + rot.height / 2).toBeLessThan(fruit.y + fruit.height / 3);
    expect(partOf(fruitFate(form, 'gone'), 'fruitlet')).toEqual([]);
  });
});

describe.each([
  ['corn', 'emptyTip', (part: Box, whole: Box) => part.y + part.height < whole.y + whole.height / 2],
  ['corn', 'oneSide', (part: Box, whole: Box) => part.x > whole.x + whole.width / 3],
  ['sunflower', 'emptyMiddle', (part: Box, whole: Box) => part.width < 0.6 * whole.width],
  ['sunflower', 'emptyRing', (part: Box, whole: Box) => part.width > 0.5 * whole.width],
] as const)('gaps of %s: %s', (id, gap, isThere) => {
  const form = formOf(id);
  test('are drawn where they are, with sound paths', () => {
    for (const fate of factsOf(form).fates!) expect(isSound(fruitFate(form, fate))).toBe(true);
    const drawn = fruitFate(form, gap);
    expect(isThere(boxOfPart(drawn, 'defect'), boxOfPart(drawn, 'fruitlet'))).toBe(true);
    expect(partOf(fruitFate(form, 'growing'), 'defect')).toEqual([]);
  });
});

describe('a plant in flower', () => {
  const form = formOf('pepo');
  const scenes = Array.from({ length: 40 }, (_, seed) => plantScene(form as never, 'female', seed));

  test('has eight to fourteen flowers of several ages, and always an eve bud', () => {
    for (const { flowers } of scenes) {
      expect(flowers.length).toBeGreaterThanOrEqual(SCENE_FLOWERS.fewest);
      expect(flowers.length).toBeLessThanOrEqual(SCENE_FLOWERS.most);
      const ages = flowers.map(({ looks }) => looks.stage);
      expect(ages).toContain('eve');
      expect(new Set(ages).size).toBeGreaterThan(2);
    }
  });

  test('everything is drawn soundly, and each flower can be touched by itself', () => {
    for (const { behind, flowers, inFront, width } of scenes) {
      expect(isSound([...behind, ...inFront])).toBe(true);
      for (const { box } of flowers) {
        expect(box.x + box.width / 2).toBeGreaterThan(0);
        expect(box.x + box.width / 2).toBeLessThan(width);
      }
      const middles = flowers.map(({ box }) => [box.x + box.width / 2, box.y + box.height / 2] as const);
      for (const [i, [x, y]] of middles.entries())
        for (const [ox, oy] of middles.slice(i + 1)) expect(Math.hypot(x - ox, y - oy)).toBeGreaterThan(24);
    }
  });

  test('the same seed grows the same plant', () => {
    expect(plantScene(form as never, 'female', 7)).toEqual(plantScene(form as never, 'female', 7));
  });
});
