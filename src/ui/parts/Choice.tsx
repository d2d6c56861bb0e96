import { Pressable, View } from 'react-native';
import { RADIUS, SPACE, TOUCH, usePalette } from '../theme';
import { Gradually } from './Gradually';
import { Text } from './Text';

export interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly title: string; readonly note?: string }[];
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
  readonly error?: string;
  /** Side by side for short titles, one below the other for long ones. */
  readonly row?: boolean;
}

/** One of a few. */
export function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
  error,
  row = false,
}: ChoiceProps<T>) {
  const palette = usePalette();
  return (
    <View
      role="radiogroup"
      aria-label={label}
      {...(error && { 'aria-invalid': true, tabIndex: -1 as const })}
      style={{ gap: SPACE.s }}
    >
      <Text variant="strong">{label}</Text>
      <View
        style={{ flexDirection: row ? 'row' : 'column', flexWrap: row ? 'wrap' : 'nowrap', gap: SPACE.s }}
      >
        <Gradually items={options}>
          {(option) => {
            const on = option.value === value;
            return (
              <Pressable
                key={option.value}
                role="radio"
                aria-checked={on}
                aria-label={option.title}
                onPress={() => onChange(option.value)}
                style={{
                  minHeight: TOUCH.least,
                  flexGrow: 1,
                  flexDirection: 'row',
                  alignItems: 'center',
                  gap: SPACE.m,
                  paddingHorizontal: SPACE.m,
                  paddingVertical: SPACE.s,
                  borderRadius: RADIUS.s,
                  borderWidth: on ? 2.5 : 1.5,
                  borderColor: on ? palette.ink : palette.edge,
                  backgroundColor: palette.paper,
                }}
              >
                <View
                  style={{
                    width: 18,
                    height: 18,
                    borderRadius: 9,
                    borderWidth: 2,
                    borderColor: palette.ink,
                    backgroundColor: on ? palette.leaf : 'transparent',
                  }}
                />
                <View style={{ flexShrink: 1 }}>
                  <Text variant={on ? 'strong' : 'body'}>{option.title}</Text>
                  {option.note ? (
                    <Text variant="small" tone="soft">
                      {option.note}
                    </Text>
                  ) : null}
                </View>
              </Pressable>
            );
          }}
        </Gradually>
      </View>
      {error ? (
        <Text variant="small" tone="rust" live>
          {error}
        </Text>
      ) : null}
    </View>
  );
}
