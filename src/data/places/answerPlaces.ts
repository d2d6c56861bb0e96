import zoneAt from '@photostructure/tz-lookup';
import { deviceZone } from '../clock';
import { parseCoordinates, type LatLon } from './coordinates';
import { PlaceIndex, type Place } from './findPlaces';
import { largerTowns } from './largerTowns';
import type { PlaceFinder } from './placeFinder';
import { unpackTowns, type PackedTowns } from './smallerTowns';

/**
 * Looks places up in the shipped lists of towns, and zones in the shipped map of them.
 *
 * @param smaller the long list, which is looked in once it has come.
 */
export function placeFinder(smaller: Promise<PackedTowns>): PlaceFinder {
  const larger = largerTowns();
  const index = new PlaceIndex(larger, deviceZone());
  const whole = smaller.then(
    (packed) => {
      index.addSmaller(unpackTowns(packed, larger));
      return true;
    },
    () => false,
  );
  const at = ({ latitude, longitude }: LatLon): Place => {
    const near = index.nearest({ latitude, longitude });
    return {
      name: near ? `Near ${near.name}` : 'By coordinates',
      region: near ? [near.town.province, near.town.region.at(-1)].filter(Boolean).join(', ') : '',
      country: near?.town.country ?? '',
      latitude,
      longitude,
      zone: zoneAt(latitude, longitude),
    };
  };
  return {
    at,
    find: (text) => {
      const coordinates = parseCoordinates(text);
      return coordinates ? [at(coordinates)] : index.find(text);
    },
    whole: () => whole,
  };
}
