/** The entries of a catalogue of words as options to choose from. */
export const optionsOf = <T extends string>(
  words: Readonly<Record<T, string>>,
): { value: T; title: string }[] =>
  (Object.keys(words) as T[]).map((value) => ({ value, title: words[value] }));
