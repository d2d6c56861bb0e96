import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useUndo } from '@/data/provider';
import { Sheet } from '@/ui/parts/Sheet';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';

const PLACES: Readonly<Record<string, string>> = {
  t: '/',
  g: '/garden',
  f: '/fruit',
  b: '/bench',
  r: '/round',
  w: '/scout',
};

const LIST: readonly (readonly [string, string])[] = [
  ['t', 'Today'],
  ['g', 'Garden'],
  ['f', 'Fruit'],
  ['b', 'Bench'],
  ['w', 'Evening walk'],
  ['r', 'Morning round'],
  ['Enter', 'Done, at a stop of the round'],
  ['1 to 6', 'The exceptions, at a stop of the round'],
  ['u', 'Undo'],
  ['Shift u', 'Redo'],
  ['?', 'This sheet'],
  ['Esc', 'Close a sheet'],
];

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Keyboard shortcuts, and the sheet that lists them. */
export function Keys() {
  const router = useRouter();
  const { undo, redo } = useUndo();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
      const place = PLACES[event.key];
      if (place) router.push(place as '/');
      else if (event.key === '?') setOpen((is) => !is);
      else if (event.key === 'Escape') setOpen(false);
      else if (event.key === 'u') void undo();
      else if (event.key === 'U') void redo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router, undo, redo]);
  return (
    <Sheet title="Keys" open={open} onClose={() => setOpen(false)} closeTitle="Close">
      {LIST.map(([key, does]) => (
        <View key={key} style={{ flexDirection: 'row', gap: SPACE.m }}>
          <Words kind="label" style={{ width: 96 }}>
            {key}
          </Words>
          <Words>{does}</Words>
        </View>
      ))}
    </Sheet>
  );
}
