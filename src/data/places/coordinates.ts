import Coordinates from 'coordinate-parser';

export interface LatLon {
  /** Degrees, north and east positive. */
  readonly latitude: number;
  readonly longitude: number;
}

/** Two numbers with decimal commas, and what stands between them. */
const DECIMAL_COMMAS = /^([^\d-]*-?\d+),(\d+[^\d,]*?)\s*[;,\s]\s*([^\d-]*-?\d+),(\d+\D*)$/;
/** What maps and messengers put round two numbers. */
const ADDRESS = /(?:geo:|@|[?&](?:q|ll|center)=)(-?\d+\.\d+),(-?\d+\.\d+)/;
const NAMED = /\b(?:lat(?:itude)?|lon(?:g(?:itude)?)?)\b[\s:=.]*/gi;

/**
 * Coordinates in any common notation: decimal degrees, degrees with minutes and seconds, with letters or signs, with
 * decimal commas, out of the address of a map.
 *
 * @returns nothing where the text holds none, or none that lie on the earth.
 * @example parseCoordinates('52°12′N 1°42′W') // { latitude: 52.2, longitude: -1.7 }
 */
export function parseCoordinates(text: string): LatLon | undefined {
  const [, lat, lon] = ADDRESS.exec(text) ?? [];
  const plain = lat ? `${lat}, ${lon}` : text.replace(NAMED, ' ').trim();
  if (!/\d/.test(plain)) return undefined;
  try {
    const found = new Coordinates(plain.replace(DECIMAL_COMMAS, '$1.$2 $3.$4'));
    const [latitude, longitude] = [found.getLatitude(), found.getLongitude()];
    const onEarth = Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180;
    return onEarth ? { latitude, longitude } : undefined;
  } catch {
    return undefined;
  }
}
