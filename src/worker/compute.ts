import {
  forecastOpenings,
  type ForecastRequest,
  type OpeningForecast,
} from '@/core/opening/forecastOpenings';
import { reportsAbout, type GardenPlan, type VarietyReport } from '@/core/planning/gardenPlan';
import { analyseSet, type SetAnalysis, type SetQuestion } from '@/core/outcome/setAnalysis';
import { fewestPlants, type PlantsFor, type PlantsToFind } from '@/core/simulation/fewestPlants';
import { playSeasons, type PlayedSeasons, type SeasonsToPlay } from '@/core/simulation/playSeasons';
import { planOuting, type OutingPlan, type OutingRequest } from '@/core/round/planOuting';

/** What the worker can be asked: plain numbers in, plain objects out. */
export const COMPUTE = {
  /** @param onProgress told what share of it is done, from 0 to 1. */
  planOuting: (request: OutingRequest, onProgress?: (share: number) => void): OutingPlan =>
    planOuting(request, { onProgress }),
  reportsAbout: (plan: GardenPlan, whole: string | undefined): VarietyReport[] => reportsAbout(plan, whole),
  forecastOpenings: (request: ForecastRequest): OpeningForecast => forecastOpenings(request),
  /** @param onProgress told what share of it is done, from 0 to 1. */
  playSeasons: (question: SeasonsToPlay, onProgress?: (share: number) => void): PlayedSeasons =>
    playSeasons(question, onProgress),
  /** @param onProgress likewise. */
  fewestPlants: (question: PlantsToFind, onProgress?: (share: number) => void): PlantsFor | undefined =>
    fewestPlants(question, onProgress),
  analyseSet: (question: SetQuestion): SetAnalysis => analyseSet(question),
};

export type Compute = typeof COMPUTE;
