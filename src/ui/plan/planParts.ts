import type { BarrierSort } from '@/core/garden/surroundings';
import type { BedBox, PlanSpot } from './planView';
import type { PlantShape } from './plantShape';

/** What is drawn on the plan. Places in metres. */

/** Plants of one variety in one bed. */
export interface PlanPatch {
  readonly id: string;
  readonly shape: PlantShape;
  readonly tone: 'leaf' | 'rust' | 'edge';
  readonly spots: readonly PlanSpot[];
}

export interface PlanBedDrawing extends BedBox {
  readonly id: string;
  readonly name: string;
  readonly glass: boolean;
  readonly patches: readonly PlanPatch[];
}

export interface PlanBarrier {
  readonly id: string;
  readonly sort: BarrierSort;
  readonly from: PlanSpot;
  readonly to: PlanSpot;
}

/** Foreign pollen on its way. */
export interface PlanPlume {
  readonly id: string;
  readonly from: PlanSpot;
  readonly to: PlanSpot;
  readonly share: number;
  readonly rare: boolean;
}
