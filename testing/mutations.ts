/**
 * Backups gone wrong: a sound one with random changes, to show that whatever passes the check can be shown. For tests
 * and for the long run of them.
 */

/** Random numbers in [0, 1), the same for the same seed: mulberry32 [Tommy Ettinger 2017, public domain, from memory]. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A text with any printable letter at a place. */
export const withOtherLetter = (text: string, at: number, random: () => number): string =>
  text.slice(0, at) + String.fromCharCode(32 + Math.floor(random() * 95)) + text.slice(at + 1);

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
type Random = () => number;

const ODD: readonly Json[] = [
  ...[null, true, false, 0, -1, 1, 0.5, 99, 1e9, Number.MAX_SAFE_INTEGER, 1e308, -1e308],
  ...['', ' ', 'É', 'x', '|', 'a|b|c|d', '__proto__', 'constructor', 'toString', 'x'.repeat(70)],
  ...['2026-02-30', '+275760-01-01', '0001-01-01', '2199-12-31', '1900-01-01', '2026-07-19'],
  ...['2026-07-19T05:00:00.000Z', '+99:99', 'UTC', 'Europe/London', 'America/Sao_Paulo'],
  ...['pepo', 'corn', 'bottleGourd', 'female', 'male', 'perfect', 'green', 'ear', 'tassel', 'eat'],
  ...[[], {}, [null], [{}]],
];

const pick = <T>(from: readonly T[], random: Random): T => from[Math.floor(random() * from.length)]!;

/** Every place in a value at which something else can be put. */
function placesIn(
  value: Json,
): { readonly holder: Json[] | { [key: string]: Json }; readonly key: string }[] {
  if (value === null || typeof value !== 'object') return [];
  return Object.keys(value).flatMap((key) => [
    { holder: value, key },
    ...placesIn((value as { [key: string]: Json })[key]!),
  ]);
}

interface Entries {
  entries: Json[];
}

/** One change of a backup, in place. */
function change(backup: Entries, random: Random): void {
  const { entries } = backup;
  const entry = Math.floor(random() * entries.length);
  const what = random();
  if (what < 0.05) entries.splice(entry, 1);
  else if (what < 0.1) entries.push(structuredClone(entries[entry]!));
  else if (what < 0.15) entries.push(...entries.splice(entry, 1));
  else {
    // Ids that are those of others make the strangest gardens.
    const place = pick(placesIn(entries[entry]!), random);
    if (!place) return;
    const holder = place.holder as { [key: string]: Json };
    const other = pick(placesIn(pick(entries, random)), random);
    const taken = other && (other.holder as { [key: string]: Json })[other.key]!;
    if (what < 0.25) delete holder[place.key];
    else if (what < 0.6 && taken !== undefined) holder[place.key] = structuredClone(taken);
    else holder[place.key] = structuredClone(pick(ODD, random));
  }
}

/**
 * A backup as text with one to four changes; seldom a letter of the text itself is another.
 *
 * @param backup parsed; left as it is. Its checksum goes, so that the entries are looked at.
 */
export function mutated(backup: object, seed: number): string {
  const random = seeded(seed);
  const copy = structuredClone(backup) as Entries & { sum?: string };
  delete copy.sum;
  for (let i = 0; i <= Math.floor(random() * 4); i += 1) change(copy, random);
  const text = JSON.stringify(copy);
  if (random() < 0.9) return text;
  const at = Math.floor(random() * text.length);
  return withOtherLetter(text, at, random);
}
