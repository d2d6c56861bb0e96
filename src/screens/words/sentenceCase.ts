/**
 * A text as it stands at the begin of a sentence or by itself.
 *
 * @example sentenceCase('opens next') // 'Opens next'
 */
export const sentenceCase = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
