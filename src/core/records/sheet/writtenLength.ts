import { METRES_PER_FOOT, MM_PER_INCH } from '../../text/units';

/** Metres in a unit of length. The yard is three feet, exactly: NIST Special Publication 811, 2008, appendix B.8. */
const UNITS: readonly (readonly [name: RegExp, metres: number])[] = [
  [/^(m|metres?|meters?|mtr)$/, 1],
  [/^(cm|centimetres?|centimeters?)$/, 0.01],
  [/^(mm|millimetres?|millimeters?)$/, 0.001],
  [/^(ft|foot|feet|['′’])$/, METRES_PER_FOOT],
  [/^(in|inch|inches|["″”]|'')$/, MM_PER_INCH / 1000],
  [/^(yd|yards?)$/, 3 * METRES_PER_FOOT],
];

const metresIn = (name: string): number | undefined => UNITS.find(([unit]) => unit.test(name))?.[1];

/**
 * The unit that the name of a column gives; `in` is one only where nothing follows it.
 *
 * @example unitIn('Spacing (cm)') // 'cm'
 * @example unitIn('In-row spacing') // undefined
 */
export function unitIn(header: string): string | undefined {
  return header
    .toLowerCase()
    .split(/[()[\],;:]+/)
    .flatMap((part) => {
      const words = part.split(/[^\p{L}"'′″]+/u).filter(Boolean);
      return words.filter(
        (word, i) => metresIn(word) !== undefined && (word !== 'in' || i === words.length - 1),
      );
    })
    .at(-1);
}

/**
 * A length in metres: `1.5 m`, `150cm`, `1,5`, `18"`, `5 ft 6 in`.
 *
 * @param unit of a number that stands alone.
 * @returns `undefined` where it is none.
 * @example writtenLength('45 cm', 'm') // 0.45
 */
export function writtenLength(text: string, unit: string): number | undefined {
  const plain = text.trim().toLowerCase();
  const parts = [...plain.matchAll(/(-?\d+(?:[.,]\d+)?)\s*([a-z]+|["″”'′’]+)?\.?\s*/g)];
  if (parts.length === 0 || parts.map(([all]) => all).join('') !== plain) return undefined;
  // Feet and inches make one length; more than that is none.
  if (parts.length > 2 || (parts.length === 2 && parts.some(([, , name]) => name === undefined)))
    return undefined;
  let sum = 0;
  for (const [, number, name] of parts) {
    const metres = metresIn(name ?? unit);
    if (metres === undefined) return undefined;
    sum += Number(number!.replace(',', '.')) * metres;
  }
  return Math.round(sum * 1000) / 1000;
}
