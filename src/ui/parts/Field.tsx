import { Input } from '../elements';
import { useId } from 'react';
import { View } from 'react-native';
import { RADIUS, SPACE, usePalette } from '../theme';
import { Text } from './Text';

export interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: () => void;
  readonly error?: string;
  readonly note?: string;
  readonly numeric?: boolean;
  readonly autoCapitalize?: 'none' | 'characters' | 'words';
  /** Lines of a field for longer text. */
  readonly lines?: number;
}

/** A field to type in, with its name above and what is wrong below. */
export function Field({
  label,
  value,
  onChange,
  onBlur,
  error,
  note,
  numeric = false,
  autoCapitalize,
  lines,
}: FieldProps) {
  const palette = usePalette();
  const noteId = useId();
  return (
    <View style={{ gap: SPACE.xs, flexGrow: 1, flexShrink: 1, minWidth: 130 }}>
      <Text variant="strong">{label}</Text>
      <Input
        aria-label={label}
        {...(note || error ? { 'aria-describedby': noteId } : {})}
        aria-invalid={error ? true : undefined}
        value={value}
        onChangeText={onChange}
        {...(lines && { multiline: true, numberOfLines: lines })}
        onBlur={onBlur}
        inputMode={numeric ? 'decimal' : 'text'}
        autoCapitalize={autoCapitalize}
        renderErrorMessage={false}
        inputContainerStyle={{
          borderWidth: 1.5,
          borderBottomWidth: 1.5,
          borderColor: error ? palette.rust : palette.edge,
          borderRadius: RADIUS.s,
          backgroundColor: palette.paper,
        }}
        inputStyle={{ color: palette.ink }}
      />
      {note || error ? (
        <Text variant="small" tone={error ? 'rust' : 'soft'} nativeID={noteId} live={Boolean(error)}>
          {error ?? note ?? ''}
        </Text>
      ) : null}
    </View>
  );
}
