/**
 * Where and when what tells the hour is tested, since neither may matter: half a minute before clocks go forward, in
 * another hemisphere's season on the other side of the date line, and here and now.
 */
const PLACES = [
  { zone: 'Europe/London', now: '2026-03-29T00:59:30Z' },
  { zone: 'Pacific/Auckland', now: '2026-07-15T03:30:00Z' },
  { zone: 'UTC' },
];

/**
 * The place of this run: `PLACE=Pacific/Auckland npm run unit`. It is no part of Jest's configuration, so that all runs
 * share what was compiled.
 */
function placeNow() {
  const zone = process.env.PLACE ?? PLACES[0].zone;
  const place = PLACES.find((each) => each.zone === zone);
  if (!place) throw new Error(`PLACE is one of ${PLACES.map((each) => each.zone).join(', ')}`);
  return place;
}

module.exports = { PLACES, placeNow };
