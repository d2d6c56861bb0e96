import { PALETTES, TOUCH, type Palette } from './theme';

/** Relative luminance and contrast ratio [WCAG 2.2, definitions], for `#RRGGBB`. */
function luminance(colour: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const part = parseInt(colour.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}

function contrast(a: string, b: string): number {
  const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (light! + 0.05) / (dark! + 0.05);
}

test('the measure itself: black on white 21, and the grey that WCAG names as just enough', () => {
  expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 5);
  expect(contrast('#767676', '#FFFFFF')).toBeCloseTo(4.54, 2);
});

describe.each(Object.entries(PALETTES))('by %s', (_mode, palette) => {
  const grounds = ['ground', 'paper', 'wash'] as const;

  // WCAG 2.2, 1.4.3: text 4.5. The stop card's 7 is our own wish.
  test.each(grounds)('ink reads at seven to one on %s', (ground) => {
    expect(contrast(palette.ink, palette[ground])).toBeGreaterThan(7);
  });
  test.each(
    grounds.flatMap((ground) => (['soft', 'rust', 'leaf'] as const).map((tone) => [tone, ground] as const)),
  )('%s reads on %s', (tone: keyof Palette, ground) => {
    expect(contrast(palette[tone], palette[ground])).toBeGreaterThan(4.5);
  });
  test('words on the main button read', () => {
    expect(contrast(palette.onLeaf, palette.leaf)).toBeGreaterThan(4.5);
  });
  // WCAG 2.2, 1.4.11: what shows where a control is, 3.
  test.each(['ground', 'paper'] as const)('edges of what can be pressed show on %s', (ground) => {
    expect(contrast(palette.edge, palette[ground])).toBeGreaterThan(3);
  });
});

test('targets are larger than the 24 px that WCAG 2.2, 2.5.8 asks for', () => {
  expect(TOUCH.least).toBeGreaterThanOrEqual(48);
  expect(TOUCH.round).toBeGreaterThanOrEqual(64);
});
