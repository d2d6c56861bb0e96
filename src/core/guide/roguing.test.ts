import { CROP_IDS, cropOf } from '../crops/catalogue';
import { ROGUE_SIGNS } from '../flowers/forms/rogueSigns';
import { roguingOf } from './roguing';

test('every crop is looked over before it gives pollen, and no sign twice at a time', () => {
  for (const id of CROP_IDS) {
    const roguing = roguingOf(cropOf(id));
    expect(roguing.map(({ stage }) => stage)).toContain('beforePollen');
    for (const { signs } of roguing) expect(new Set(signs).size).toBe(signs.length);
  }
});

test('every sign is one of some crop', () => {
  const used = CROP_IDS.flatMap((id) => roguingOf(cropOf(id)).flatMap(({ signs }) => signs));
  expect(ROGUE_SIGNS.filter((sign) => !used.includes(sign))).toEqual([]);
});

// HANDBOOK: the fruitlet of a gourd has the variety's own shape before the flower opens; bitter fruit can poison.
test('a gourd shows its fruit before the first flower, and its flesh is tasted', () => {
  const of = (id: 'pepo' | 'corn', stage: string) =>
    roguingOf(cropOf(id)).find((each) => each.stage === stage)!.signs;
  expect(of('pepo', 'beforePollen')).toContain('fruitlet');
  expect(of('pepo', 'ripe')).toEqual(expect.arrayContaining(['flesh', 'bitter']));
  expect(of('corn', 'ripe')).not.toContain('bitter');
  // Corn shows strange pollen in its kernels.
  expect(of('corn', 'ripe')).toContain('kernels');
});
