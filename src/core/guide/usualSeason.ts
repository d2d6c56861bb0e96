import type { Crop } from '../crops/catalogue';
import type { Figure, Span, Standing } from '../crops/crop';
import type { Sowing } from '../crops/variety';
import { degreeDaysOf, degreeDaysToFlower, MILD_DAY } from '../season/flowering';

/** What there is to see of a crop, in its order; `flowers` where each has both sexes. */
export type SeasonStage = 'males' | 'bearing' | 'flowers' | 'eating' | 'seed';

export interface StageOfSeason {
  readonly stage: SeasonStage;
  /** It begins between these days after sowing. */
  readonly from: Span;
  /** The last day of it. */
  readonly to: number;
  /** Of the weakest figure it is made from. */
  readonly standing: Standing;
}

const WEAKEST_FIRST = ['default', 'memory', 'practice'] as const satisfies readonly Standing[];

const weakest = (...figures: readonly (Figure | Figure<Span>)[]): Standing =>
  WEAKEST_FIRST.find((standing) => figures.some((figure) => figure.standing === standing))!;

const NONE = { value: [0, 0] as Span } as const;

/**
 * The usual season of a crop where nothing is known but its facts: what opens, what can be eaten, when seed is ripe, in
 * days after sowing or planting out, on mild days.
 *
 * @example usualSeason(cropOf('pepo'), 'sown')[0] // { stage: 'males', from: [40, 40], to: 109, standing: 'default' }
 */
export function usualSeason(crop: Crop, how: Sowing['how']): StageOfSeason[] {
  const { development, bearingAfterMales, eatAfter, seedAfter, habit } = crop;
  const perDay = degreeDaysOf(crop.id, () => MILD_DAY)('');
  const first = Math.ceil(degreeDaysToFlower(crop.id, how) / perDay);
  const last = first + development.floweringDays.value - 1;
  const { value: wait } = bearingAfterMales ?? NONE;
  const bearing: Span = [first + wait[0], first + wait[1]];
  const basis = [development.toFlower, development.floweringDays];
  const bearingBasis = bearingAfterMales ? [...basis, bearingAfterMales] : basis;
  const ripens = (stage: 'eating' | 'seed', after: Figure<Span> | undefined): StageOfSeason[] =>
    after
      ? [
          {
            stage,
            from: [bearing[0] + after.value[0], bearing[1] + after.value[1]],
            to: last + after.value[1],
            standing: weakest(...bearingBasis, after),
          },
        ]
      : [];
  const flowers: StageOfSeason[] =
    habit === 'perfect'
      ? [{ stage: 'flowers', from: [first, first], to: last, standing: weakest(...basis) }]
      : [
          { stage: 'males', from: [first, first], to: last, standing: weakest(...basis) },
          { stage: 'bearing', from: bearing, to: last, standing: weakest(...bearingBasis) },
        ];
  return [...flowers, ...ripens('eating', eatAfter), ...ripens('seed', seedAfter)];
}
