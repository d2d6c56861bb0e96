const BED_WORD = /^(beds?|beet|planche|aiuola|cama|bancal|canteiro)\s*(no\.?|nr\.?|n[º°]\.?|#|:)?\s+/i;
const BEDS = 'bed|plot|beet|planche|aiuola|bancal|canteiro|cama';
const BED_WORDS = `${BEDS}|parcela|greenhouse|glasshouse|polytunnel|tunnel|gewächshaus|serre|serra`;
/** A row, in the languages of the names of columns. */
const ROW_WORDS = 'row|reihe|rang|ligne|fila|hilera|surco|riga|rij|regel|linha';
const BED_TITLE = new RegExp(
  `(^|\\s)(${BED_WORDS})(\\s*(no\\.?|nr\\.?|n[º°]\\.?|#)?\\s*\\d{1,3}|[\\s.:#-]+\\p{L})?:?$`,
  'iu',
);
/** `Bed by the wall`; what is planned, listed or noted of beds is no name of one. */
const BED_CALLED = new RegExp(
  `^(${BEDS})\\s+(?!(plan|list|layout|map|note|prep|rotation|size|overview|greens|roots|seeds|tops|leaf)).+$`,
  'iu',
);
const MOST_WORDS = 5;

/**
 * Does a line of its own name a bed?
 *
 * @example isBedTitle('Top bed') // true
 * @example isBedTitle('Greenhouse Wonder') // false
 */
export function isBedTitle(text: string): boolean {
  const plain = text.trim();
  return BED_TITLE.test(plain) || (BED_CALLED.test(plain) && plain.split(/\s+/).length <= MOST_WORDS);
}

/**
 * A bed is called by what distinguishes it.
 *
 * @example bedNamed('Bed 3') // '3'
 * @example bedNamed('Top bed') // 'Top bed'
 */
export const bedNamed = (text: string): string => text.trim().replace(/:$/, '').replace(BED_WORD, '');

const ROW_ALONE = new RegExp(`^(?:${ROW_WORDS})\\s*\\.?\\s*(\\d+)$`, 'i');
const WITH_ROW = new RegExp(`^(.+?)[\\s,;/-]*\\b(?:${ROW_WORDS}|r)\\s*\\.?\\s*(\\d+)$`, 'i');

/**
 * Bed and row in one cell: `A/1`, `A-1`, `Bed 2 row 3`, `A1`, `Top bed, row 2`; else it is all bed.
 *
 * @example splitPlace('A/1') // { bed: 'A', row: '1' }
 */
export function splitPlace(text: string): { readonly bed: string; readonly row: string } {
  const alone = ROW_ALONE.exec(text);
  if (alone) return { bed: '', row: alone[1]! };
  const found =
    WITH_ROW.exec(text) ?? /^(.+?)\s*[/|:.,;-]\s*(\d+)$/.exec(text) ?? /^([A-Za-z]+)\s?(\d+)$/.exec(text);
  return found && !/^bed$/i.test(found[1]!.trim())
    ? { bed: found[1]!.trim(), row: found[2]! }
    : { bed: text, row: '' };
}
