import { BLOSSOM_KINDS, type BlossomAbout, type BlossomBodies } from './blossom';
import { CORRECTION_KINDS, type CorrectionAbout, type CorrectionBodies } from './correction';
import type { KindDefinitions, SubjectType } from './definition';
import { FRUIT_KINDS, type FruitAbout, type FruitBodies } from './fruit';
import { GARDEN_KINDS, type GardenAbout, type GardenBodies } from './garden';
import { MATING_KINDS, type MatingAbout, type MatingBodies } from './mating';
import { PLAN_KINDS, type PlanAbout, type PlanBodies } from './plan';
import { PLANTING_KINDS, type PlantingAbout, type PlantingBodies } from './planting';
import { ROUND_KINDS, type RoundAbout } from './round';
import type { RoundBodies } from './roundBodies';
import { SEED_KINDS, type SeedAbout, type SeedBodies } from './seed';
import { WALK_KINDS, type WalkAbout, type WalkBodies } from './walk';
import { TIE_KINDS, type TieAbout, type TieBodies } from './tie';
import { TRIAL_KINDS, type TrialAbout, type TrialBodies } from './trial';
import { VARIETY_KINDS, type VarietyAbout, type VarietyBodies } from './variety';
import { WAYS_KINDS, type WaysAbout, type WaysBodies } from './ways';
import { WEATHER_KINDS, type WeatherAbout, type WeatherBodies } from './weather';

/** What each kind of entry says, a file a family. A body names its subjects by id; ids are ULIDs. */
export interface Bodies
  extends
    GardenBodies,
    PlanBodies,
    VarietyBodies,
    PlantingBodies,
    MatingBodies,
    WalkBodies,
    RoundBodies,
    FruitBodies,
    SeedBodies,
    WeatherBodies,
    TieBodies,
    WaysBodies,
    BlossomBodies,
    TrialBodies,
    CorrectionBodies {}

/** The subjects that entries of each kind may name. */
export interface About
  extends
    GardenAbout,
    PlanAbout,
    VarietyAbout,
    PlantingAbout,
    MatingAbout,
    WalkAbout,
    RoundAbout,
    FruitAbout,
    SeedAbout,
    WeatherAbout,
    TieAbout,
    WaysAbout,
    BlossomAbout,
    TrialAbout,
    CorrectionAbout {}

export type Kind = keyof Bodies;

/** The kinds of entries that may name a type of subject. */
export type KindsAbout<T extends SubjectType> = {
  [K in Kind]: T extends About[K] ? K : never;
}[Kind];

/** The one table of kinds: versions, upcasters, subjects and what is structural all come from it. */
export const KINDS: KindDefinitions<Bodies, About> = {
  ...GARDEN_KINDS,
  ...PLAN_KINDS,
  ...VARIETY_KINDS,
  ...PLANTING_KINDS,
  ...MATING_KINDS,
  ...WALK_KINDS,
  ...ROUND_KINDS,
  ...FRUIT_KINDS,
  ...SEED_KINDS,
  ...WEATHER_KINDS,
  ...TIE_KINDS,
  ...WAYS_KINDS,
  ...BLOSSOM_KINDS,
  ...TRIAL_KINDS,
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
