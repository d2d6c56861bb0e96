import { useState } from 'react';
import { Pressable, TextInput } from 'react-native';
import { RADIUS, TOUCH, usePalette } from '../theme';
import { Text } from './Text';

export interface CountProps {
  /** What is counted. */
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}

/** A number that can be typed once it is tapped. One beyond the limits is brought back to them, what is none is left. */
export function Count({ label, value, least, most, onChange }: CountProps) {
  const palette = usePalette();
  const [typed, setTyped] = useState<string>();
  const done = (): void => {
    const number = Number.parseInt(typed ?? '', 10);
    setTyped(undefined);
    if (Number.isFinite(number)) onChange(Math.min(most, Math.max(least, number)));
  };
  if (typed !== undefined)
    return (
      <TextInput
        aria-label={label}
        autoFocus
        inputMode="numeric"
        selectTextOnFocus
        maxLength={String(most).length}
        value={typed}
        onChangeText={(text) => setTyped(text.replace(/\D/g, ''))}
        onBlur={done}
        onSubmitEditing={done}
        style={{
          width: 56,
          minHeight: TOUCH.least,
          textAlign: 'center',
          fontSize: 24,
          color: palette.ink,
          backgroundColor: palette.paper,
          borderWidth: 1.5,
          borderColor: palette.ink,
          borderRadius: RADIUS.s,
        }}
      />
    );
  return (
    <Pressable
      role="button"
      aria-label={`${value}, ${label}: type a number`}
      onPress={() => setTyped(String(value))}
      style={{ minWidth: TOUCH.least, minHeight: TOUCH.least, justifyContent: 'center' }}
    >
      <Text variant="code" live style={{ textAlign: 'center' }}>
        {value}
      </Text>
    </Pressable>
  );
}
