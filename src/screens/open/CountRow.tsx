import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { RADIUS, SPACE, TOUCH, usePalette } from '@/ui/theme';

export interface CountRowProps {
  readonly label: string;
  readonly glyph: ReactNode;
  /** `undefined` until it was counted. */
  readonly value: number | undefined;
  readonly onChange: (value: number) => void;
}

/** Counts up to this are one tap; more are counted on from there, held or typed. */
const MAX_AT_ONCE = 5;
const MOST = 99;

/** How many there are, in one tap. */
export function CountRow({ label, glyph, value, onChange }: CountRowProps) {
  const palette = usePalette();
  const more = value !== undefined && value > MAX_AT_ONCE;
  const button = (title: string, name: string, on: boolean, press: () => void) => (
    <Pressable
      key={title}
      role="radio"
      aria-checked={on}
      aria-label={name}
      onPress={press}
      style={{
        minWidth: TOUCH.least - 6,
        minHeight: TOUCH.round,
        flexGrow: 1,
        alignItems: 'center',
        justifyContent: 'center',
        borderRadius: RADIUS.s,
        borderWidth: on ? 2.5 : 1.5,
        borderColor: on ? palette.ink : palette.edge,
        backgroundColor: on ? palette.ink : palette.paper,
      }}
    >
      <Text variant="code" style={{ fontSize: 24, lineHeight: 30, color: on ? palette.paper : palette.ink }}>
        {title}
      </Text>
    </Pressable>
  );
  return (
    <View role="radiogroup" aria-label={label} style={{ gap: SPACE.xs, marginTop: SPACE.m }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
        {glyph}
        <Text variant="strong">{label}</Text>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.xs }}>
        {Array.from({ length: MAX_AT_ONCE + 1 }, (_, count) =>
          button(String(count), `${count}, ${label.toLowerCase()}`, value === count, () => onChange(count)),
        )}
        {button('+', `More, ${label.toLowerCase()}`, more, () =>
          onChange(Math.min(MOST, Math.max(MAX_AT_ONCE, value ?? 0) + 1)),
        )}
      </View>
      {more ? (
        <Stepper
          label={`More than ${MAX_AT_ONCE}`}
          value={value}
          most={MOST}
          onChange={onChange}
          lessLabel={`One less, ${label.toLowerCase()}`}
          moreLabel={`One more, ${label.toLowerCase()}`}
        />
      ) : null}
    </View>
  );
}
