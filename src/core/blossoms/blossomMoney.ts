import type { BlossomPrice } from '../journal/kinds/blossom';

/** Blossoms as they are sold: full cases, and what is left by the piece. */
export interface BlossomMoney {
  readonly cases: number;
  readonly pieces: number;
  /** In the grower's own money. */
  readonly money: number;
  /** Pieces that have no price. */
  readonly unpriced: number;
}

/**
 * What some blossoms come to: in full cases where a case has a price, the rest by the piece.
 *
 * @example blossomMoney(27, { piece: 0.5, inCase: 12, case: 5, currency: '€' }).money // 11.5: two cases and three pieces
 */
export function blossomMoney(
  count: number,
  { piece, inCase, case: ofCase }: Partial<BlossomPrice> = {},
): BlossomMoney {
  const cases = inCase === undefined || ofCase === undefined ? 0 : Math.floor(count / inCase);
  const pieces = count - cases * (inCase ?? 0);
  const cents = Math.round(100 * (cases * (ofCase ?? 0) + pieces * (piece ?? 0)));
  return { cases, pieces, money: cents / 100, unpriced: piece === undefined ? pieces : 0 };
}
