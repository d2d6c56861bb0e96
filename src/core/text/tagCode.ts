/** Characters of ISO/IEC 7064 MOD 37,36 in the order of their values. */
const ISO_ALPHABET = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ';
/** Letters that wet handwriting turns into 1, 0, 5 and 2. */
const MISREAD = /[IOSZ]/;
const PLAIN = [...ISO_ALPHABET].filter((char) => !MISREAD.test(char)).join('');
export const DEVICE_LETTERS = [...PLAIN].filter((char) => char >= 'A').join('');

/**
 * The check character of a text by ISO/IEC 7064, hybrid system MOD 37,36.
 *
 * @param text characters 0–9 and A–Z.
 * @throws RangeError for any other character.
 * @example checkCharacter('A12425GABC1234002') // 'M'
 */
export function checkCharacter(text: string): string {
  let carry = 36;
  for (const char of text) {
    const value = ISO_ALPHABET.indexOf(char);
    if (value < 0) throw new RangeError(`not a character of the code: ${char}`);
    carry = (carry + value) % 36 || 36;
    carry = (carry * 2) % 37;
  }
  return ISO_ALPHABET.charAt((37 - carry) % 36);
}

/**
 * The tag with a number on a device: the device's letter, the number in two characters or more, a check
 * character. Numbers whose check character could be misread give no tag.
 *
 * @param letter one of `DEVICE_LETTERS`.
 * @param number 0 and up.
 */
function tagCode(letter: string, number: number): string | undefined {
  let digits = '';
  for (let rest = number; rest > 0 || digits.length < 2; rest = Math.floor(rest / PLAIN.length)) {
    digits = PLAIN.charAt(rest % PLAIN.length) + digits;
  }
  const check = checkCharacter(letter + digits);
  return MISREAD.test(check) ? undefined : letter + digits + check;
}

/**
 * The tags of a device in order, each with its number.
 *
 * @param from the number to begin with.
 * @example tagCodesFrom('K', 0).next().value // { number: 0, code: 'K00…' }
 */
export function* tagCodesFrom(
  letter: string,
  from: number,
): Generator<{ readonly number: number; readonly code: string }, never> {
  for (let number = from; ; number += 1) {
    const code = tagCode(letter, number);
    if (code) yield { number, code };
  }
}

/**
 * The next tags of a device that are not in use, in order.
 *
 * @example nextTagCodes('K', new Set(), 2) // ['K00…', 'K01…']
 */
export function nextTagCodes(letter: string, used: ReadonlySet<string>, count: number): string[] {
  const codes: string[] = [];
  for (const { code } of tagCodesFrom(letter, 0)) {
    if (codes.length === count) break;
    if (!used.has(code)) codes.push(code);
  }
  return codes;
}

/**
 * As written on tape: a dash before the last two characters, `K7-4Q`.
 *
 * @example formatTagCode('K74Q') // 'K7-4Q'
 */
export const formatTagCode = (code: string): string => `${code.slice(0, -2)}-${code.slice(-2)}`;

export type TagReading =
  | { readonly ok: true; readonly code: string }
  | { readonly ok: false; readonly why: 'character' | 'length' | 'check'; readonly found: string };

/**
 * Reads a tag as typed: case, dashes and spaces do not matter; a slip of one character or two swapped ones
 * is told from a right code by the check character.
 *
 * @example readTagCode('k7-4q') // { ok: true, code: 'K74Q' }
 */
export function readTagCode(typed: string): TagReading {
  const code = typed.toUpperCase().replace(/[\s·-]/g, '');
  const odd = [...code].find((char) => !PLAIN.includes(char));
  if (odd !== undefined) return { ok: false, why: 'character', found: odd };
  if (code.length < 4) return { ok: false, why: 'length', found: code };
  const check = code.slice(-1);
  return checkCharacter(code.slice(0, -1)) === check
    ? { ok: true, code }
    : { ok: false, why: 'check', found: code };
}

/**
 * The tag in what a scanned code says: the tag itself, or an address that ends with it.
 *
 * @example scannedTag('https://garden.example/t/K74Q') // { ok: true, code: 'K74Q' }
 */
export const scannedTag = (text: string): TagReading =>
  readTagCode(
    text
      .trim()
      .replace(/\/+$/, '')
      .split(/[/?#=]/)
      .at(-1) ?? '',
  );

/**
 * A letter for a new device that no other device of the garden has.
 *
 * @param pick a number in [0, 1) that chooses among the free letters.
 * @example freeDeviceLetter(new Set(['A']), 0) // 'B'
 */
export function freeDeviceLetter(taken: ReadonlySet<string>, pick: number): string {
  const free = [...DEVICE_LETTERS].filter((letter) => !taken.has(letter));
  const letters = free.length > 0 ? free : [...DEVICE_LETTERS];
  return letters[Math.floor(pick * letters.length)] ?? 'A';
}
