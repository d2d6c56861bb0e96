/**
 * What an error says, for people.
 *
 * @example errorText(new Error('full')) // 'full'
 */
export const errorText = (reason: unknown): string =>
  reason instanceof Error && reason.message !== '' ? reason.message : String(reason);
