import type { CityData } from 'city-timezones';
import Fuse from 'fuse.js';
import { withoutAccents } from '@/core/text/withoutAccents';
import type { LatLon } from './coordinates';
import { OWN_NAMES } from './ownNames';

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

/**
 * A name as it is compared: without accents, capitals and signs.
 *
 * @example plainName('Zürich') // 'zurich'
 */
export const plainName = (name: string): string =>
  withoutAccents(name)
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

interface Named {
  /** What it is called: as in the list, or as those who live there call it. */
  readonly name: string;
  readonly plain: string;
  readonly regions: readonly string[];
  readonly city: CityData;
}

const placeOf = ({ name, city: { city, province, country, iso2, lat, lng, timezone } }: Named): Place => ({
  name,
  region: [...new Set([city, province, country])].filter((part) => part && part !== name).join(', '),
  country: iso2 ?? '',
  latitude: lat,
  longitude: lng,
  zone: timezone,
});

/** A search over a list of towns; made once, it answers quickly. */
export class PlaceIndex {
  readonly #named: readonly Named[];
  readonly #fuzzy: Fuse<Named>;
  readonly #nearZone: string;

  /** @param nearZone the zone whose towns go before others of the same name: the device's. */
  constructor(cities: readonly CityData[], nearZone = '') {
    this.#nearZone = nearZone;
    this.#named = cities
      // A town without its zone or its place is of no use.
      .filter(({ timezone, lat, lng }) => timezone && Number.isFinite(lat) && Number.isFinite(lng))
      .flatMap((city) => {
        const regions = [city.province, city.country, city.iso2, city.iso3].map((part) =>
          plainName(String(part ?? '')),
        );
        const own = OWN_NAMES[`${city.city}, ${city.country}`]?.split(', ') ?? [];
        return [city.city, ...own].map((name) => ({ name, plain: plainName(name), regions, city }));
      });
    this.#fuzzy = new Fuse(this.#named, { keys: ['plain'], threshold: 0.34, includeScore: true });
  }

  /**
   * Towns by any of their names in full, and these alone; else by its beginning, or by the whole name of their region or
   * country, else by a name that is spelt much like it; those of the device's zone first, then the largest. After a comma
   * the region or country: `springfield, illinois`.
   *
   * @example new PlaceIndex(cities).find('zürich')[0].zone // 'Europe/Zurich'
   */
  find(text: string, most = 6): Place[] {
    const [head = '', ...rest] = text.split(',').map(plainName);
    if (head.length < 2) return [];
    const where = rest.filter(Boolean);
    const inRegion = ({ regions }: Named): boolean =>
      where.every((part) => regions.some((region) => region.startsWith(part)));
    const ranked = this.#named.flatMap((each) => {
      const rank = rankOf(each, head);
      return rank !== undefined && inRegion(each) ? [{ each, rank }] : [];
    });
    const exact = ranked.filter(({ rank }) => rank === 0);
    // Of a name in full nothing else is meant; a short one may be the beginning of another.
    const begins = exact.length > 0 && head.length > 3 ? exact : ranked;
    const begun = new Set(ranked.map(({ each }) => each));
    const alike =
      exact.length > 0 || ranked.length >= most
        ? []
        : this.#fuzzy
            .search(head, { limit: 60 })
            .filter(({ item }) => !begun.has(item) && inRegion(item))
            .map(({ item, score = 1 }) => ({ each: item, rank: 3 + Math.round(score * 10) }));
    const best = [...begins, ...alike].sort(
      (a, b) =>
        a.rank - b.rank || this.#isNear(b.each) - this.#isNear(a.each) || b.each.city.pop - a.each.city.pop,
    );
    // A town by two of its names is one.
    const towns = new Map<CityData, Named>();
    for (const { each } of best) if (!towns.has(each.city)) towns.set(each.city, each);
    return [...towns.values()].slice(0, most).map(placeOf);
  }

  #isNear({ city }: Named): number {
    return Number(city.timezone === this.#nearZone);
  }

  /** The town nearest to a place. */
  nearest({ latitude, longitude }: LatLon): Place | undefined {
    const shrink = Math.cos((latitude * Math.PI) / 180);
    let [best, least] = [undefined as Named | undefined, Infinity];
    for (const each of this.#named) {
      const east = Math.abs(each.city.lng - longitude);
      const dx = Math.min(east, 360 - east) * shrink;
      const dy = each.city.lat - latitude;
      const square = dx * dx + dy * dy;
      if (square < least) [best, least] = [each, square];
    }
    return best && placeOf(best);
  }
}

/** The whole name, its beginning, the beginning of a later word of it, the name of its region. */
function rankOf({ plain, regions }: Named, typed: string): number | undefined {
  if (plain === typed) return 0;
  if (plain.startsWith(typed)) return 1;
  if (plain.includes(` ${typed}`)) return 2;
  return typed.length > 3 && regions.includes(typed) ? 2.5 : undefined;
}
