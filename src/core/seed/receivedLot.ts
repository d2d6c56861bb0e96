import type { Fact } from '../journal/entry';
import type { ToldLot } from '../journal/kinds/seed';
import type { CropId } from '../crops/catalogue';
import type { VarietyTraits } from '../crops/traits';
import type { SeedSource } from '../crops/variety';
import type { Day } from '../time/types';

/** Seed that came from elsewhere, as a grower describes it. */
export interface Received {
  readonly lot: string;
  readonly name: string;
  /** Of this garden, or one that nobody described here yet. */
  readonly variety: string | NewVariety;
  readonly source: SeedSource;
  readonly day: Day;
  readonly year?: number | undefined;
  readonly seeds?: number | undefined;
  readonly told?: readonly ToldLot[] | undefined;
}

interface NewVariety {
  readonly name: string;
  readonly crop: CropId;
  readonly traits: VarietyTraits;
}

/**
 * What is recorded of seed that came from elsewhere. A variety that comes with it is meant for seed to be kept, until
 * somebody says what else it is grown for.
 *
 * @param newId mints ids.
 * @example receivedLot(received, newId).map(({ kind }) => kind) // ['lot.received', 'lot.measured']
 */
export function receivedLot(
  { lot, name, variety, source, day, year, seeds, told }: Received,
  newId: () => string,
): Fact[] {
  const id = typeof variety === 'string' ? variety : newId();
  return [
    ...(typeof variety === 'string'
      ? []
      : [
          {
            kind: 'variety.described' as const,
            body: {
              ...variety,
              ...({ purpose: 'seedToKeep', ownPollen: 'lastResort' } as const),
              ...{ variety: id, seedSource: source },
            },
          },
        ]),
    {
      kind: 'lot.received',
      body: {
        ...{ lot, name, variety: id, source, day },
        ...(year !== undefined && { year }),
        ...(told && told.length > 0 && { told }),
      },
    },
    ...(seeds === undefined ? [] : [{ kind: 'lot.measured' as const, body: { lot, day, seeds } }]),
  ];
}

/**
 * What the source of seed is most likely, by what is told of it: who swaps it cannot prove it, and what comes of a cross or
 * a hybrid is true to no variety.
 *
 * @example sourceOfTold({ descent: 'cross' }) // 'f1'
 * @example sourceOfTold({ descent: 'line' }) // 'swapped'
 */
export const sourceOfTold = ({ descent }: Pick<ToldLot, 'descent'>): SeedSource =>
  descent === 'cross' || descent === 'hybrid' || descent === 'complex' ? 'f1' : 'swapped';
