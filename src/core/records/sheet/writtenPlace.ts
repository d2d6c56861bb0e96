const BED_WORD = /^(beds?|beet|planche|aiuola|cama|bancal)\s*(no\.?|nr\.?|#|:)?\s+/i;
const BED_WORDS =
  'beds?|plot|beet|planche|aiuola|bancal|greenhouse|glasshouse|polytunnel|tunnel|gewächshaus|serre|serra';
const BED_TITLE = new RegExp(`(^|\\s)(${BED_WORDS})(\\s*(no\\.?|nr\\.?|#)?\\s*(\\p{L}|\\d{1,3}))?:?$`, 'iu');

/**
 * Does a line of its own name a bed?
 *
 * @example isBedTitle('Top bed') // true
 * @example isBedTitle('Greenhouse Wonder') // false
 */
export const isBedTitle = (text: string): boolean => BED_TITLE.test(text.trim());

/**
 * A bed is called by what distinguishes it.
 *
 * @example bedNamed('Bed 3') // '3'
 * @example bedNamed('Top bed') // 'Top bed'
 */
export const bedNamed = (text: string): string => text.trim().replace(/:$/, '').replace(BED_WORD, '');

/**
 * Bed and row in one cell: `A/1`, `A-1`, `Bed 2 row 3`, `A1`, `Top bed, row 2`; else it is all bed.
 *
 * @example splitPlace('A/1') // { bed: 'A', row: '1' }
 */
export function splitPlace(text: string): { readonly bed: string; readonly row: string } {
  const alone = /^(?:row|reihe|rang|fila|riga|rij)\s*\.?\s*(\d+)$/i.exec(text);
  if (alone) return { bed: '', row: alone[1]! };
  const found =
    /^(.+?)[\s,;/-]*\b(?:row|reihe|rang|fila|riga|rij|r)\s*\.?\s*(\d+)$/i.exec(text) ??
    /^(.+?)\s*[/|:.,;-]\s*(\d+)$/.exec(text) ??
    /^([A-Za-z]+)\s?(\d+)$/.exec(text);
  return found && !/^bed$/i.test(found[1]!.trim())
    ? { bed: found[1]!.trim(), row: found[2]! }
    : { bed: text, row: '' };
}
