import { withoutAccents } from '../../text/withoutAccents';

/** So many plants, in one row or in several alike. */
export interface WrittenCount {
  readonly rows: number;
  readonly each: number;
}

/** Small numbers in words, in the languages of the names of columns. */
const WORDS: Readonly<Record<string, number>> = Object.fromEntries(
  [
    'one two three four five six seven eight nine ten eleven twelve',
    'ein zwei drei vier funf sechs sieben acht neun zehn elf zwolf',
    'un deux trois quatre cinq six sept huit neuf dix onze douze',
    'uno dos tres cuatro cinco seis siete ocho nueve diez once doce',
    'uno due tre quattro cinque sei sette otto nove dieci undici dodici',
    'een twee drie vier vijf zes zeven acht negen tien elf twaalf',
    'um dois tres quatro cinco seis sete oito nove dez onze doze',
  ].flatMap((words) => words.split(' ').map((word, i) => [word, i + 1] as const)),
);
const ARTICLES = ['a', 'an', 'eine', 'une', 'una', 'een', 'uma'];
const DOZEN = /^(dozens?|doz|dutzend|douzaines?|docenas?|dozzin[ae]|dozijn|duzias?)$/;
const HALF = /^(half|halbes|demi|media|mezza|half)$/;
const ROW =
  '(?:rows?|reihen?|rangs?|lignes?|filas?|hileras?|surcos?|file|righe|rij(?:en)?|linhas?|carreiras?)';
const PLANTS =
  /\b(plants?|pflanzen?|plantes?|plantas?|piante?|piantine|planten|plantjes|pcs?|pieces?|pieds?|stuck|stuks|stk|nos?|off|each|je)\b\.?/g;
const ABOUT = /^(about|around|approx\.?|circa|ca\.?|~|±|etwa|ungefahr|env\.?|environ)\s*/;

/**
 * How many plants a cell names: `12`, `12 plants`, `two dozen`, `3 rows of 12`, `3 × 12`, `1,200`.
 *
 * @returns `undefined` where it is not one whole number above nothing.
 * @example writtenCount('3 rows of a dozen') // { rows: 3, each: 12 }
 */
export function writtenCount(text: string): WrittenCount | undefined {
  const plain = withoutAccents(text)
    .trim()
    .replace(ABOUT, '')
    .replace(PLANTS, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const times =
    new RegExp(`^(.+?) ${ROW}(?: (?:of|a|à|zu|je|de|di|da|van|met|con|com|mit|with))? (.+)$`).exec(plain) ??
    /^(.+?) ?[x×*] ?(.+)$/.exec(plain);
  if (times) {
    const [rows, each] = [numberCalled(times[1]!), numberCalled(times[2]!)];
    return rows === undefined || each === undefined ? undefined : { rows, each };
  }
  const perRow = new RegExp(`^(.+?) (?:per|in a|a|in each|pro|par|por|per) ${ROW},? (.+?) ${ROW}$`).exec(
    plain,
  );
  if (perRow) {
    const [each, rows] = [numberCalled(perRow[1]!), numberCalled(perRow[2]!)];
    return rows === undefined || each === undefined ? undefined : { rows, each };
  }
  const each = numberCalled(plain);
  return each === undefined ? undefined : { rows: 1, each };
}

/**
 * The whole numbers that stand in a text that is no count, each once: what may have been meant.
 *
 * @example numbersIn('20 to 25') // [20, 25]
 */
export const numbersIn = (text: string): number[] => [
  ...new Set((text.match(/\d+/g) ?? []).map(Number).filter((each) => each > 0)),
];

/** A whole number in figures or words. */
function numberCalled(text: string): number | undefined {
  if (/^\d{1,3}([.,' \u00a0\u202f]\d{3})+$/.test(text)) return Number(text.replace(/\D/g, ''));
  const figures = /^(\d+)(?:[.,]0+)?$/.exec(text);
  if (figures) return positive(Number(figures[1]));
  const words = text.split(/[ -]/).filter((word) => word !== 'of');
  const last = words.at(-1) ?? '';
  if (!DOZEN.test(last)) return words.length === 1 ? unit(last) : undefined;
  const before = words.slice(0, -1);
  const half = before.some((word) => HALF.test(word));
  const rest = before.filter((word) => !HALF.test(word));
  if (rest.length > 1) return undefined;
  const times = rest.length === 0 ? 1 : unit(rest[0]!);
  if (times === undefined || (half && times !== 1)) return undefined;
  return half ? 6 : 12 * times;
}

function unit(word: string): number | undefined {
  if (/^\d+$/.test(word)) return positive(Number(word));
  return ARTICLES.includes(word) ? 1 : WORDS[word];
}

const positive = (value: number): number | undefined => (value > 0 ? value : undefined);
