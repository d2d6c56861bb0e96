/** Reads texts aloud with the voice of the browser; says nothing where it has none. */
export const canSpeak = (): boolean =>
  typeof speechSynthesis !== 'undefined' && typeof SpeechSynthesisUtterance !== 'undefined';

/** Says a text instead of what is being said. What is given back makes it stop. */
export function speak(text: string): () => void {
  if (!canSpeak()) return () => undefined;
  speechSynthesis.cancel();
  const utterance = new SpeechSynthesisUtterance(spoken(text));
  utterance.lang = 'en';
  speechSynthesis.speak(utterance);
  return () => speechSynthesis.cancel();
}

/** Codes of tags and numbers of plants, which voices would take for words. */
const CODE = /\b([A-Z0-9]{2,})-([A-Z0-9]{2})\b/g;

/**
 * A text as a voice should read it: codes letter by letter, `C1·4` as row and place.
 *
 * @example spoken('Brush with C1·4, tag K7Q-4M') // 'Brush with C1, 4, tag K 7 Q, 4 M'
 */
export const spoken = (text: string): string =>
  text
    .replace(CODE, (_all, front: string, check: string) => `${[...front].join(' ')}, ${[...check].join(' ')}`)
    .replaceAll('·', ', ')
    .replaceAll('×', ' by ')
    .replace(/\s+/g, ' ');
