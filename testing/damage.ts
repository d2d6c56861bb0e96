import { seeded, withOtherLetter } from './mutations';
import type { MemoryStore } from './memoryStore';

/**
 * Damages a store as a disk may: letters changed, texts cut short, emptied or swapped, keys gone. For tests and for the
 * long run of them.
 *
 * @returns the keys that are no longer as they were.
 */
export function damageStore({ texts }: MemoryStore, seed: number): Set<string> {
  const random = seeded(seed);
  const touched = new Set<string>();
  const any = (): string => [...texts.keys()][Math.floor(random() * texts.size)]!;
  for (let i = 0; i <= Math.floor(random() * 4); i += 1) {
    const key = any();
    const text = texts.get(key)!;
    const at = Math.floor(random() * text.length);
    touched.add(key);
    const what = random();
    if (what < 0.5) texts.set(key, withOtherLetter(text, at, random));
    else if (what < 0.65) texts.set(key, text.slice(0, at));
    else if (what < 0.75) texts.set(key, ['', 'null', '[]', '{}', '0'][Math.floor(random() * 5)]!);
    else if (what < 0.85) texts.delete(key);
    else {
      const other = any();
      texts.set(key, texts.get(other)!);
      texts.set(other, text);
      touched.add(other);
    }
    if (texts.size === 0) break;
  }
  return touched;
}
