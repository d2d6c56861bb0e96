/**
 * Where and when what tells the hour is tested, since neither may matter: half a minute before clocks go forward, in
 * another hemisphere's season on the other side of the date line, and here and now.
 */
exports.PLACES = [
  { zone: 'Europe/London', now: '2026-03-29T00:59:30Z' },
  { zone: 'Pacific/Auckland', now: '2026-07-15T03:30:00Z' },
  { zone: 'UTC' },
];
