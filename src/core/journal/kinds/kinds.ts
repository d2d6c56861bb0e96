import { CORRECTION_KINDS, type CorrectionBodies } from './correction';
import type { KindDefinitions } from './definition';
import { FRUIT_KINDS, type FruitBodies } from './fruit';
import { GARDEN_KINDS, type GardenBodies } from './garden';
import { MATING_KINDS, type MatingBodies } from './mating';
import { PLAN_KINDS, type PlanBodies } from './plan';
import { PLANTING_KINDS, type PlantingBodies } from './planting';
import { ROUND_KINDS, type RoundBodies } from './round';
import { SCOUT_KINDS, type ScoutBodies } from './scout';
import { TIE_KINDS, type TieBodies } from './tie';
import { VARIETY_KINDS, type VarietyBodies } from './variety';
import { WAYS_KINDS, type WaysBodies } from './ways';
import { WEATHER_KINDS, type WeatherBodies } from './weather';

/** What each kind of entry says, a file a family. A body names its subjects by id; ids are ULIDs. */
export interface Bodies
  extends
    GardenBodies,
    PlanBodies,
    VarietyBodies,
    PlantingBodies,
    MatingBodies,
    ScoutBodies,
    RoundBodies,
    FruitBodies,
    WeatherBodies,
    TieBodies,
    WaysBodies,
    CorrectionBodies {}

export type Kind = keyof Bodies;

/** The one table of kinds: versions, upcasters, subjects and what is structural all come from it. */
export const KINDS: KindDefinitions<Bodies> = {
  ...GARDEN_KINDS,
  ...PLAN_KINDS,
  ...VARIETY_KINDS,
  ...PLANTING_KINDS,
  ...MATING_KINDS,
  ...SCOUT_KINDS,
  ...ROUND_KINDS,
  ...FRUIT_KINDS,
  ...WEATHER_KINDS,
  ...TIE_KINDS,
  ...WAYS_KINDS,
  ...CORRECTION_KINDS,
};

/**
 * Does this program know the kind?
 *
 * @example isKind('weather.noted') // true
 */
export const isKind = (kind: string): kind is Kind => Object.hasOwn(KINDS, kind);

/**
 * Does every view need entries of this kind, however old they are? Not those of kinds a later program brings.
 *
 * @example isStructural('bed.laid') // true
 */
export const isStructural = (kind: string): boolean => isKind(kind) && KINDS[kind].structural;
