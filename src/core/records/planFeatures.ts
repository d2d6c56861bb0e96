import { Geodesic } from 'geographiclib-geodesic';
import type { Feature, FeatureCollection, Position } from 'geojson';
import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { bearingTo, cornersOf, fromGate, GATE, metresBetween, placesOf, type Place } from '../garden/places';
import { plantLabel } from './plantLabel';

/**
 * The plan as GeoJSON [RFC 7946]: beds, the plants that stand, what is in the way of pollen and what sheds some outside.
 * The gate is where the garden’s coordinates are, and so all of it is as right as those; shapes and distances are those of
 * the plan. What nobody said where it lies is left out.
 */
export function planFeatures(journal: Journal, garden: Garden): FeatureCollection {
  const at = onEarth(garden);
  const beds = [...journal.all('bed').values()].filter(({ unplaced }) => !unplaced);
  const placed = new Map(beds.map((bed) => [bed.bed, bed]));
  const standing = [...journal.all('plant').values()].filter(
    ({ removed, bed }) => !removed && placed.has(bed),
  );
  const places = placesOf(standing, placed);
  return {
    type: 'FeatureCollection',
    features: [
      feature('gate', { type: 'Point', coordinates: at(GATE) }, { kind: 'gate', name: garden.name }),
      ...beds.map((bed) =>
        feature(
          bed.bed,
          { type: 'Polygon', coordinates: [ring(cornersOf(bed), at)] },
          {
            ...{ kind: 'bed', name: bed.name, rows: bed.rows, length: bed.length, width: bed.width },
            ...(bed.glass && { glass: true }),
          },
        ),
      ),
      ...standing.flatMap((plant) => {
        const place = places.get(plant.plant);
        const variety = journal.all('variety').get(plant.variety);
        if (!place) return [];
        return feature(
          plant.plant,
          { type: 'Point', coordinates: at(place) },
          {
            ...{ kind: 'plant', label: plantLabel(journal, plant.plant), count: plant.count },
            ...(variety && { variety: variety.name, species: cropOf(variety.crop).species }),
          },
        );
      }),
      ...[...journal.all('barrier').values()].map(({ barrier, sort, from, to }) =>
        feature(barrier, { type: 'LineString', coordinates: [at(from), at(to)] }, { kind: 'barrier', sort }),
      ),
      ...[...journal.all('outside').values()].map(
        ({ source, name, crop, distance, bearing, radius, plants, sure }) =>
          feature(
            source,
            { type: 'Point', coordinates: at(fromGate(distance, bearing)) },
            {
              ...{ kind: 'outside', name, species: cropOf(crop).species, radius, plants, sure },
            },
          ),
      ),
    ],
  };
}

const feature = (id: string, geometry: Feature['geometry'], properties: Feature['properties']): Feature => ({
  type: 'Feature',
  id,
  geometry,
  properties,
});

/** Longitude and latitude of a place of the plan, degrees on WGS 84 [RFC 7946, 4], to a centimetre. */
const onEarth =
  ({ latitude, longitude }: Pick<Garden, 'latitude' | 'longitude'>) =>
  (place: Place): Position => {
    // The shortest way on the ellipsoid [Karney 2013, "Algorithms for geodesics"].
    const { lat2, lon2 } = Geodesic.WGS84.Direct(
      latitude,
      longitude,
      bearingTo(GATE, place),
      metresBetween(GATE, place),
    );
    return [toDegrees(lon2!), toDegrees(lat2!)];
  };

const toDegrees = (value: number): number => Number(value.toFixed(7));

/** Closed, anticlockwise [RFC 7946, 3.1.6]: as the corners of a bed are. */
function ring(corners: readonly Place[], at: (place: Place) => Position): Position[] {
  const positions = corners.map(at);
  return [...positions, positions[0]!];
}
