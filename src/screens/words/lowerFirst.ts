/**
 * A sentence as it goes on within another one; names in it stay as they are.
 *
 * @example lowerFirst('An F1 hybrid') // 'an F1 hybrid'
 */
export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
