/**
 * What an error says, for people.
 *
 * @example said(new Error('full')) // 'full'
 */
export const said = (reason: unknown): string =>
  reason instanceof Error && reason.message !== '' ? reason.message : String(reason);
