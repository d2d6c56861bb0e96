import Fuse from 'fuse.js';
import type { LatLon } from './coordinates';
import { nearestTown, plainName, type NamedTown, type Town } from './towns';

/** Where a garden may be. */
export interface Place extends LatLon {
  readonly name: string;
  /** Region and country, to tell places of one name apart. */
  readonly region: string;
  /** ISO 3166 code of two letters; nothing where it is not known. */
  readonly country: string;
  /** IANA zone. */
  readonly zone: string;
}

const placeOf = ({ name, town: { latitude, longitude, country, zone, region } }: NamedTown): Place => ({
  name,
  region: [...new Set(region)].filter((part) => part && part !== name).join(', '),
  country,
  latitude,
  longitude,
  zone,
});

const ALIKE = { keys: ['plain'], threshold: 0.34, includeScore: true };
/** So many letters may be missing, or too many, in the name of a smaller town. */
const LETTERS_OFF = 2;

/** A search over lists of towns; made once, it answers quickly. */
export class PlaceIndex {
  readonly #larger: readonly NamedTown[];
  readonly #fuzzy: Fuse<NamedTown>;
  readonly #nearZone: string;
  #smaller: readonly NamedTown[] = [];

  /** @param nearZone the zone whose towns go before others of the same name: the device's. */
  constructor(larger: readonly NamedTown[], nearZone = '') {
    this.#nearZone = nearZone;
    this.#larger = larger;
    this.#fuzzy = new Fuse(this.#larger, ALIKE);
  }

  /** Searches the long list too, which comes later. */
  addSmaller(towns: readonly NamedTown[]): void {
    this.#smaller = towns;
  }

  /**
   * Towns by any of their names in full, and these alone; else by its beginning, or by the whole name of their region or
   * country, else by a name that is spelt much like it; those of the device's zone first, then the largest. After a comma
   * the region or country: `springfield, illinois`.
   *
   * @example new PlaceIndex(largerTowns()).find('zürich')[0].zone // 'Europe/Zurich'
   */
  find(text: string, most = 6): Place[] {
    const [head = '', ...rest] = text.split(',').map(plainName);
    if (head.length < 2) return [];
    const where = rest.filter(Boolean);
    const isWithin = ({ town }: NamedTown): boolean =>
      where.every((part) => [...town.within, plainName(town.province)].some((name) => name.startsWith(part)));
    const ranked: Ranked[] = [];
    for (const list of [this.#larger, this.#smaller])
      for (const each of list) {
        const rank = rankOf(each, head);
        if (rank !== undefined && isWithin(each)) ranked.push({ each, rank });
      }
    const exact = ranked.filter(({ rank }) => rank === 0);
    // Of a name in full nothing else is meant; a short one may be the beginning of another.
    const begins = exact.length > 0 && head.length > 3 ? exact : ranked;
    const begun = new Set(ranked.map(({ each }) => each));
    const alike =
      exact.length > 0 || ranked.length >= most
        ? []
        : this.#speltAlike(head).filter(({ each }) => !begun.has(each) && isWithin(each));
    const best = [...begins, ...alike].sort(
      (a, b) =>
        a.rank - b.rank ||
        this.#isNear(b.each) - this.#isNear(a.each) ||
        b.each.town.people - a.each.town.people,
    );
    // A town by two of its names is one.
    const towns = new Map<Town, NamedTown>();
    for (const { each } of best) if (!towns.has(each.town)) towns.set(each.town, each);
    return [...towns.values()].slice(0, most).map(placeOf);
  }

  /** Of the smaller towns those alone that begin with the same letter: to compare them all takes seconds on a phone. */
  #speltAlike(typed: string): Ranked[] {
    const close = this.#smaller.filter(
      ({ plain }) => plain[0] === typed[0] && Math.abs(plain.length - typed.length) <= LETTERS_OFF,
    );
    return [this.#fuzzy, new Fuse(close, ALIKE)].flatMap((fuzzy) =>
      fuzzy
        .search(typed, { limit: 60 })
        .map(({ item, score = 1 }) => ({ each: item, rank: 3 + Math.round(score * 10) })),
    );
  }

  #isNear({ town }: NamedTown): number {
    return Number(town.zone === this.#nearZone);
  }

  /** The town nearest to a place. */
  nearest(place: LatLon): NamedTown | undefined {
    const near = [this.#larger, this.#smaller].flatMap((list) => nearestTown(list, place) ?? []);
    return nearestTown(near, place);
  }
}

interface Ranked {
  readonly each: NamedTown;
  readonly rank: number;
}

/** The whole name, its beginning, the beginning of a later word of it, the name of its region. */
function rankOf({ plain, town }: NamedTown, typed: string): number | undefined {
  if (plain === typed) return 0;
  if (plain.startsWith(typed)) return 1;
  if (plain.includes(` ${typed}`)) return 2;
  return typed.length > 3 && town.within.includes(typed) ? 2.5 : undefined;
}
