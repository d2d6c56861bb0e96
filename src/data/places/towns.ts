import { withoutAccents } from '@/core/text/withoutAccents';
import type { LatLon } from './coordinates';

/** A town of a list. */
export interface Town extends LatLon {
  /** Who live there. */
  readonly people: number;
  /** ISO 3166 code of two letters; nothing where it is not known. */
  readonly country: string;
  /** IANA zone. */
  readonly zone: string;
  /** Where it lies, from near to far, to tell towns of one name apart. */
  readonly region: readonly string[];
  /** Its state or province, as far as it is known; of a small town that of the larger one next to it. */
  readonly province: string;
  /** What may be typed for all the towns that lie there: plain names of its country, and of its state where that is told. */
  readonly within: readonly string[];
}

/** A town by one of its names: as in the list, or as those who live there call it. */
export interface NamedTown {
  readonly name: string;
  readonly plain: string;
  readonly town: Town;
}

/**
 * A name as it is compared: without accents, capitals and signs.
 *
 * @example plainName('Zürich') // 'zurich'
 */
export const plainName = (name: string): string =>
  PLAIN_WORDS.test(name)
    ? name.toLowerCase()
    : withoutAccents(name)
        .replace(/[^\p{L}\p{N}]+/gu, ' ')
        .trim();

/** Most names, of a hundred thousand: nothing but their capitals is to be changed. */
const PLAIN_WORDS = /^[A-Za-z0-9]+(?: [A-Za-z0-9]+)*$/;

/** The town nearest to a place; nothing where there is none. */
export function nearestTown<Named extends NamedTown>(
  towns: readonly Named[],
  { latitude, longitude }: LatLon,
): Named | undefined {
  const shrink = Math.cos((latitude * Math.PI) / 180);
  let [best, least] = [undefined as Named | undefined, Infinity];
  for (const each of towns) {
    const { town } = each;
    const east = Math.abs(town.longitude - longitude);
    const dx = Math.min(east, 360 - east) * shrink;
    const dy = town.latitude - latitude;
    const square = dx * dx + dy * dy;
    if (square < least) [best, least] = [each, square];
  }
  return best;
}
