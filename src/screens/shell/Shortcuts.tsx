import { usePathname, useRouter } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useUndo } from '@/data/hooks/useUndo';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Button } from '@/ui/parts/Button';
import { Banner } from './Banner';
import { TABS, WORK } from './places';
import { useKeys } from './useKeys';

const PLACES = [...TABS, ...WORK];

const LIST: readonly (readonly [string, string])[] = [
  ...PLACES.map(({ key, name }) => [key, name] as const),
  ['Enter', 'Done, at a stop of the round'],
  ['1 to 6', 'The exceptions, at a stop of the round'],
  ['u', 'Undo'],
  ['Shift u', 'Redo'],
  ['?', 'This sheet'],
  ['Esc', 'Close a sheet'],
];

/** Where Undo is a button, and what it took back is said beside it. */
const TELLS_ITSELF = ['/walk', '/round', '/open', '/fruit', '/seed/'];

export interface ShortcutsProps {
  /** What was undone, in words. */
  readonly told: ReactNode;
}

/** Keyboard shortcuts, and the sheet that lists them. */
export function Shortcuts({ told }: ShortcutsProps) {
  const router = useRouter();
  const path = usePathname();
  const { undo, redo, undone } = useUndo();
  const [open, setOpen] = useState(false);
  /** Was it the key that undid? */
  const [byKey, setByKey] = useState(false);
  const actions = useMemo(
    () => ({
      ...Object.fromEntries(PLACES.map(({ key, href }) => [key, () => router.push(href)])),
      u: () => {
        undo();
        setByKey(true);
      },
      'Shift+u': redo,
      '?': () => setOpen((is) => !is),
      Escape: () => setOpen(false),
    }),
    [router, undo, redo],
  );
  useKeys(actions);
  return (
    <>
      {byKey && undone && !TELLS_ITSELF.some((place) => path.startsWith(place)) ? (
        <Banner label="Undone">
          <View style={{ flex: 1 }}>{told}</View>
          <Button title="Redo" onPress={redo} />
          <Button title="Close" onPress={() => setByKey(false)} />
        </Banner>
      ) : null}
      <Sheet title="Keyboard shortcuts" open={open} onClose={() => setOpen(false)} closeTitle="Close">
        {LIST.map(([key, does]) => (
          <View key={key} style={{ flexDirection: 'row', gap: SPACE.m }}>
            <Text variant="label" style={{ width: 96 }}>
              {key}
            </Text>
            <Text>{does}</Text>
          </View>
        ))}
      </Sheet>
    </>
  );
}
