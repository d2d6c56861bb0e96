import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import { comparePlants, placesOfEach } from '@/core/garden/places';
import { byName } from '@/core/text/byName';
import { groupBy } from '@/core/text/groupBy';
import { cropOf } from '@/core/crops/catalogue';
import type { IsolationVerdict } from '@/core/isolation/isolationReport';
import {
  gardenPlan,
  reportsAbout,
  type GardenPlan,
  type PlannedVariety,
  type VarietyReport,
} from '@/core/planning/gardenPlan';
import { verdictsOf } from '@/core/planning/isolationOf';
import type { Barrier, Bed, Outside, Plant, Variety } from '@/core/journal/state';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useStore } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Outdated } from '@/worker/client';
import { computeClient } from '@/worker/computeClient';
import { PLANT_SHAPES, type PlantShape } from '@/ui/plan/plantShape';
import type { PlanBedDrawing, PlanPatch } from '@/ui/plan/planParts';
import type { NameOf } from '../words/garden';

/** Everything that the pages of the garden show. */
export interface PlanOfGarden {
  readonly name: string;
  readonly today: Day;
  readonly plan: GardenPlan;
  /** The most at risk first; by name until that is known. */
  readonly varieties: readonly PlannedVariety[];
  /** By planting: how each is isolated; missing while that is worked out. */
  readonly reports: ReadonlyMap<string, VarietyReport> | undefined;
  readonly beds: readonly Bed[];
  readonly drawn: readonly PlanBedDrawing[];
  readonly plants: readonly Plant[];
  readonly barriers: readonly Barrier[];
  readonly outside: readonly Outside[];
  /** The shape in which a variety's plants are drawn, by what it crosses with. */
  readonly shapeOf: ReadonlyMap<string, PlantShape>;
  readonly nameOf: NameOf;
}

type Named = { readonly name: string };
const inOrder = (a: Named, b: Named): number => byName(a.name, b.name);

/** By name; those that nobody placed in the order of the list they came from. */
export const compareBeds = (a: Bed, b: Bed): number =>
  Number(a.unplaced ?? false) - Number(b.unplaced ?? false) || (a.unplaced ? a.y - b.y : 0) || inOrder(a, b);

interface Drawn extends Omit<PlanOfGarden, 'varieties' | 'reports' | 'drawn'> {
  /** Of the journal that it was read from. */
  readonly version: number;
}

/**
 * The plan at once, and what each variety is in risk of when the worker has answered.
 *
 * @param whole the variety of which all risks are wanted, not the greatest alone.
 */
export function usePlan(whole?: string): PlanOfGarden | undefined {
  const drawn = useView('plan', [], ({ store: { journal, version }, garden, now }): Drawn => {
    const today = dayAt(now, garden.zone);
    const plan = gardenPlan(journal, garden, today);
    const beds = [...journal.all('bed').values()].sort(compareBeds);
    const plants = [...journal.all('plant').values()]
      .filter(({ removed }) => !removed)
      .sort(comparePlants(journal.all('bed')));
    const outside = [...journal.all('outside').values()].sort(inOrder);
    const shapeOf = shapesOf([...journal.all('variety').values()]);
    const names = new Map([
      ...[...journal.all('variety').values()].map(({ variety, name }) => [variety, name] as const),
      ...outside.map(({ source, name }) => [source, name] as const),
    ]);
    return {
      name: garden.name,
      today,
      version,
      plan,
      beds,
      plants,
      barriers: [...journal.all('barrier').values()],
      outside,
      shapeOf,
      nameOf: (id) => names.get(id) ?? 'something that is gone',
    };
  });
  // Drawn a piece at a time when they come: no tap waits for them.
  const reports = useDeferredValue(useReports(drawn, whole));
  return useMemo(() => {
    if (!drawn) return undefined;
    const { plan, beds, plants, shapeOf } = drawn;
    // While a change is worked out, what is gone is left out, and what is new comes last.
    const known = new Map(reports?.map((report) => [report.planting, report]));
    const places = new Map(reports?.map(({ planting }, i) => [planting, i]));
    const at = ({ planting }: PlannedVariety): number => places.get(planting) ?? places.size;
    return {
      ...drawn,
      varieties: plan.varieties.toSorted(
        (a, b) => at(a) - at(b) || inOrder(a.variety, b.variety) || (a.planting < b.planting ? -1 : 1),
      ),
      reports: reports && known,
      drawn: drawingsOf(beds, plants, shapeOf, reports && verdictsOf(reports)),
    };
  }, [drawn, reports]);
}

/** How each variety of a plan is isolated, worked out by the worker; while that works, as it was before. */
function useReports(
  drawn: Pick<Drawn, 'plan' | 'today' | 'version'> | undefined,
  whole: string | undefined,
): readonly VarietyReport[] | undefined {
  const store = useStore();
  const { data } = useQuery({
    // Of the plan as it was read, which may be a moment behind the journal.
    queryKey: ['isolation', store.id, drawn?.version, drawn?.today, whole ?? ''],
    queryFn: ({ signal }) => {
      const client = computeClient();
      signal.addEventListener('abort', () => client.cancel());
      return client
        .ask((compute) => compute.reportsAbout(drawn!.plan, whole))
        .catch((error: unknown) => {
          if (error instanceof Outdated) throw error;
          // Slower, and on the page, rather than never.
          return reportsAbout(drawn!.plan, whole);
        });
    },
    enabled: drawn !== undefined,
    placeholderData: keepPreviousData,
  });
  return data;
}

/** A shape for each crossing group, in the order in which they were described. */
export function shapesOf(varieties: readonly Variety[]): Map<string, PlantShape> {
  const groups = [...new Set(varieties.map(({ crop }) => cropOf(crop).group))];
  return new Map(
    varieties.map(({ variety, crop }) => [
      variety,
      PLANT_SHAPES[groups.indexOf(cropOf(crop).group) % PLANT_SHAPES.length]!,
    ]),
  );
}

const TONES: Readonly<Record<IsolationVerdict, PlanPatch['tone']>> = {
  tooClose: 'rust',
  rareOnly: 'leaf',
  isolated: 'leaf',
  noRisk: 'leaf',
  notRequired: 'edge',
};

/**
 * Beds with their plants, a patch a variety.
 *
 * @param verdicts missing while it is not known what each is in risk of.
 */
export function drawingsOf(
  beds: readonly Bed[],
  plants: readonly Plant[],
  shapeOf: ReadonlyMap<string, PlantShape>,
  verdicts: ReadonlyMap<string, IsolationVerdict> | undefined,
): PlanBedDrawing[] {
  const spots = placesOfEach(plants, new Map(beds.map((bed) => [bed.bed, bed])));
  const byBed = groupBy(plants, ({ bed }) => bed);
  return beds.map(({ bed, name, x, y, length, width, turn, glass = false }) => ({
    id: bed,
    name,
    x,
    y,
    length,
    width,
    turn,
    glass,
    patches: [...groupBy(byBed.get(bed) ?? [], ({ variety }) => variety)].map(
      ([variety, own]): PlanPatch => ({
        id: variety,
        shape: shapeOf.get(variety) ?? 'disc',
        tone: verdicts ? TONES[verdicts.get(variety) ?? 'noRisk'] : 'edge',
        spots: own.flatMap(({ plant }) => spots.get(plant)!),
      }),
    ),
  }));
}
