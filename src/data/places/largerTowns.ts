import { cityMapping, type CityData } from 'city-timezones';
import { OWN_NAMES } from './ownNames';
import { plainName, type NamedTown, type Town } from './towns';

/** A larger town, with the state or province it lies in. */
interface LargerTown extends Town {
  readonly countryName: string;
  /** Of a state of the United States its two letters. */
  readonly state: string;
}

export interface NamedLargerTown extends NamedTown {
  readonly town: LargerTown;
}

/** Some 7,300 larger towns, by all of their names. */
export const largerTowns = (): NamedLargerTown[] =>
  cityMapping
    // A town without its zone or its place is of no use.
    .filter(({ timezone, lat, lng }) => timezone && Number.isFinite(lat) && Number.isFinite(lng))
    .flatMap((city) => {
      const own = OWN_NAMES[`${city.city}, ${city.country}`]?.split(', ') ?? [];
      const town = townOf(city);
      return [city.city, ...own].map((name) => ({ name, plain: plainName(name), town }));
    });

const townOf = (city: CityData): LargerTown => ({
  latitude: city.lat,
  longitude: city.lng,
  people: city.pop,
  country: city.iso2 ?? '',
  zone: city.timezone,
  // The list's own name of it too: who typed another finds what it is.
  region: [city.city, city.province, city.country],
  within: [city.province, city.country, city.iso2, city.iso3].map((part) => plainName(String(part ?? ''))),
  province: city.province,
  countryName: city.country,
  state: city.iso2 === 'US' ? (city.state_ansi ?? '') : '',
});
