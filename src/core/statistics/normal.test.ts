import { jStat } from 'jstat';
import { beyondT, normalBelow, t95, Z95 } from './normal';

it('the normal distribution is that of the reference library', () => {
  for (let x = -5; x <= 5; x += 0.25) expect(normalBelow(x)).toBeCloseTo(jStat.normal.cdf(x, 0, 1), 6);
  expect(jStat.normal.inv(0.975, 0, 1)).toBeCloseTo(Z95, 6);
});

it('Student’s t is that of the reference library, as near as is said', () => {
  for (let degrees = 4; degrees <= 200; degrees += 1) {
    const exact = jStat.studentt.inv(0.975, degrees);
    expect(Math.abs(t95(degrees) / exact - 1)).toBeLessThan(0.01);
    for (const t of [0.5, 1, 2, 3, 5]) {
      const beyond = 2 * (1 - jStat.studentt.cdf(t, degrees));
      expect(Math.abs(beyondT(t, degrees) - beyond)).toBeLessThan(0.003);
      expect(beyondT(-t, degrees)).toBe(beyondT(t, degrees));
    }
  }
});
