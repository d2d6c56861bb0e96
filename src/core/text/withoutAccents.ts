/** Letters that no accent can be taken from. */
const LETTERS: Readonly<Record<string, string>> = {
  ß: 'ss',
  ø: 'o',
  æ: 'ae',
  œ: 'oe',
  ł: 'l',
  đ: 'd',
  ı: 'i',
};

/**
 * A text in small letters without accents, so that it is found however it is typed.
 *
 * @example withoutAccents('Zürich') // 'zurich'
 */
export const withoutAccents = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[ßøæœłđı]/g, (letter) => LETTERS[letter]!)
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');
