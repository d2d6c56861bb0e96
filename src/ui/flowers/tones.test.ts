import { SEEN_CROPS } from '@/core/flowers/kindsOf';
import { LIGHTS, mixed, toneColours } from './tones';

const brightness = (colour: string): number =>
  [1, 3, 5].reduce((sum, at) => sum + parseInt(colour.slice(at, at + 2), 16), 0);

test('two colours are mixed by channel, and what is see-through stays so', () => {
  expect(mixed('#000000', '#FFFFFF', 0.5)).toBe('#808080');
  expect(mixed('#FFFFFF99', '#000000', 0.2)).toBe('#CCCCCC99');
  expect(mixed('#123456', '#FFFFFF', 0)).toBe('#123456');
});

test.each(LIGHTS)('%s: every tone is a colour, and green stays darker than the seam beside it', (light) => {
  for (const { flower } of SEEN_CROPS) {
    for (const mode of ['day', 'night'] as const) {
      const colours = toneColours(flower, mode, '#1F241D', light);
      for (const [tone, colour] of Object.entries(colours)) {
        if (tone !== 'none') expect(colour).toMatch(/^#[0-9A-F]{6}([0-9A-F]{2})?$/);
      }
      if (flower.type === 'gourd') {
        expect(brightness(colours.seam) - brightness(colours.budRib)).toBeGreaterThan(60);
      }
    }
  }
});

test('dusk is darker than day, outlines are as black', () => {
  const [{ flower }] = SEEN_CROPS as [(typeof SEEN_CROPS)[number]];
  const [day, dusk] = [toneColours(flower, 'day', '#000000'), toneColours(flower, 'day', '#000000', 'dusk')];
  expect(brightness(dusk.petal)).toBeLessThan(brightness(day.petal));
  expect(dusk.ink).toBe(day.ink);
});
