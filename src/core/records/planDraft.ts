import type { CropId } from '../crops/catalogue';
import type { Purpose, Sowing } from '../crops/variety';
import { lastPlaces, rowKey } from '../garden/places';
import type { Journal } from '../journal/journal';
import type { Bodies } from '../journal/kinds/kinds';
import type { Bed, Plant, Variety } from '../journal/state';
import type { Day } from '../time/types';
import type { ColumnUse, PlanColumn } from './planColumns';
import type { Sheet } from './sheet/sheet';

/** What is wrong with a cell, by its line and what it should hold. */
export interface CellFault {
  /** Index of the line in the sheet. */
  readonly line: number;
  readonly column: PlanColumn | 'rows';
  readonly why:
    | 'missing'
    | 'noNumber'
    | 'noWholeNumber'
    | 'noCount'
    | 'noLength'
    | 'tooMany'
    | 'tooLong'
    | 'tooLow'
    | 'tooHigh'
    | 'rowFull'
    | 'noRoom'
    | 'noDay'
    | 'whichDay'
    | 'unknownKind'
    | 'ambiguousKind'
    | 'unknownPurpose'
    | 'otherKindBefore'
    | 'otherKindOnPlan';
  readonly found: string;
  /** The variety of that line: what settles one line of it settles all. */
  readonly variety: string;
  /** What it may be, for kinds that do not tell. */
  readonly crops?: readonly CropId[];
  /** What it may be at least or at most. */
  readonly limit?: number;
  /** What may have been meant, to be written instead. */
  readonly offers?: readonly string[];
}

/** What was made of things that the table does not say outright. */
export type SheetAssumption =
  | { readonly code: 'bedAsAbove'; readonly params: { readonly lines: number } }
  | { readonly code: 'oneBed'; readonly params: { readonly bed: string } }
  | { readonly code: 'onePlantEach'; readonly params: { readonly lines: number } }
  | { readonly code: 'varietyByKind'; readonly params: { readonly lines: number } }
  | { readonly code: 'kindByTitle'; readonly params: { readonly lines: number } }
  | { readonly code: 'yearGiven'; readonly params: { readonly first: Day; readonly days: number } }
  | {
      readonly code: 'smallUnit';
      readonly params: { readonly unit: Sheet['small']; readonly found: string; readonly lines: number };
    }
  | {
      readonly code: 'plantsPerRow';
      readonly params: {
        readonly inAll: boolean;
        readonly rows: number;
        readonly plants: number;
        readonly lines: number;
      };
    }
  | { readonly code: 'otherSpacing'; readonly params: { readonly beds: readonly string[] } }
  | { readonly code: 'sameLine'; readonly params: { readonly line: number; readonly lines: number } }
  | { readonly code: 'passedOver'; readonly params: { readonly texts: readonly string[] } }
  | { readonly code: 'purposeGiven'; readonly params: { readonly purpose: Purpose } }
  | {
      readonly code: 'columnByContents';
      readonly params: { readonly columns: readonly { readonly name: string; readonly use: ColumnUse }[] };
    }
  | { readonly code: 'firstCounts'; readonly params: { readonly varieties: readonly string[] } }
  | {
      readonly code: 'sowingOfVariety';
      readonly params: { readonly variety: string; readonly lines: number };
    }
  | { readonly code: 'standsAlready'; readonly params: { readonly plants: number } };

export type NewBed = Omit<Bodies['bed.laid'], 'bed'> & { readonly held?: string };
/** `renoted`: one that is known already and has got a longer note. */
export type NewVariety = Omit<Bodies['variety.described'], 'variety'> & {
  readonly held?: string;
  readonly renoted?: true;
};

/** A plan read from a table: beds, varieties and rows of plants, those on the plan already by their ids. */
export interface PlanDraft {
  readonly beds: readonly NewBed[];
  readonly varieties: readonly NewVariety[];
  /** Sowings of a variety besides its own; `held` by its id where it is known already. */
  readonly sowings: readonly { readonly variety: number; readonly sowing: Sowing; readonly held?: string }[];
  /** Indices into `beds`, `varieties` and `sowings`. */
  readonly rows: readonly {
    readonly bed: number;
    readonly row: number;
    readonly variety: number;
    readonly sowing?: number;
    readonly plants: number;
  }[];
}

export type ReadPlan =
  | { readonly ok: true; readonly draft: PlanDraft; readonly assumed: readonly SheetAssumption[] }
  | {
      readonly ok: false;
      /** No column tells what grows. */
      readonly missing: readonly PlanColumn[];
      readonly faults: readonly CellFault[];
      readonly assumed: readonly SheetAssumption[];
    };

/** What stands on the plan already. */
export interface HeldPlan {
  readonly beds: readonly Bed[];
  readonly varieties: readonly Variety[];
  readonly plantings: readonly {
    readonly planting: string;
    readonly variety: string;
    readonly sowing?: Sowing;
  }[];
  /** The last place in use in each row, by `rowKey`. */
  readonly lastPlaces: ReadonlyMap<string, number>;
  /** How many plants of a variety stand in a row, by `standingKey`. */
  readonly standing: ReadonlyMap<string, number>;
}

/** A variety in a row of a bed. */
export const standingKey = (plant: Pick<Plant, 'bed' | 'row' | 'variety'>): string =>
  `${rowKey(plant)}|${plant.variety}`;

/**
 * What a table is compared with.
 *
 * @example heldPlan(new Journal()).beds // []
 */
export function heldPlan(journal: Journal): HeldPlan {
  const plants = [...journal.all('plant').values()];
  const standing = new Map<string, number>();
  for (const plant of plants) {
    if (plant.removed) continue;
    const key = standingKey(plant);
    standing.set(key, (standing.get(key) ?? 0) + plant.count);
  }
  return {
    beds: [...journal.all('bed').values()],
    varieties: [...journal.all('variety').values()],
    plantings: [...journal.all('planting').values()].map(({ planting, variety, sowing }) => ({
      planting,
      variety,
      ...(sowing && { sowing }),
    })),
    lastPlaces: lastPlaces(plants),
    standing,
  };
}
