import type { FlowerHours } from './crop';
import type { BloomingCrop } from './catalogue';

/** When one goes round: as flowers open by sunrise, by noon or by sunset. */
export const OUTINGS = ['morning', 'midday', 'dusk'] as const;
export type Outing = (typeof OUTINGS)[number];

const OUTING_BY_SUN: Readonly<Record<FlowerHours['from'], Outing>> = {
  sunrise: 'morning',
  noon: 'midday',
  sunset: 'dusk',
};

/**
 * The outing on which a crop is pollinated.
 *
 * @example outingOf(bloomingCropOf('bottleGourd')!) // 'dusk'
 */
export const outingOf = ({ hours }: Pick<BloomingCrop, 'hours'>): Outing => OUTING_BY_SUN[hours.from];
