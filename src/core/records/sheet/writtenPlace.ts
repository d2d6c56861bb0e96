const BED_WORD = /^(beds?|beet|planche|aiuola|cama|bancal)\s*(no\.?|nr\.?|#|:)?\s+/i;
/** Does a line of its own name a bed? @example isBedTitle('Top bed') // true */
export const isBedTitle = (text: string): boolean =>
  /\b(beds?|plot|beet|planche|aiuola|bancal|greenhouse|glasshouse|polytunnel|tunnel|gewachshaus)\b/i.test(
    text,
  );

/**
 * A bed is called by what distinguishes it.
 *
 * @example bedNamed('Bed 3') // '3'
 * @example bedNamed('Top bed') // 'Top bed'
 */
export const bedNamed = (text: string): string => text.trim().replace(BED_WORD, '');

/**
 * Bed and row in one cell: `A/1`, `A-1`, `Bed 2 row 3`, `A1`, `Top bed, row 2`; else it is all bed.
 *
 * @example splitPlace('A/1') // { bed: 'A', row: '1' }
 */
export function splitPlace(text: string): { readonly bed: string; readonly row: string } {
  const found =
    /^(.+?)[\s,;/-]*\b(?:row|reihe|rang|fila|riga|rij|r)\s*\.?\s*(\d+)$/i.exec(text) ??
    /^(.+?)\s*[/|:.,;-]\s*(\d+)$/.exec(text) ??
    /^([A-Za-z]+)\s?(\d+)$/.exec(text);
  return found && !/^bed$/i.test(found[1]!.trim())
    ? { bed: found[1]!.trim(), row: found[2]! }
    : { bed: text, row: '' };
}
