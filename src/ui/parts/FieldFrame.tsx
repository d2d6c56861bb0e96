import { useId, type ReactNode } from 'react';
import { View } from 'react-native';
import { SPACE } from '../theme';
import { Text } from './Text';

export interface FieldFrameProps {
  readonly label: string;
  readonly error?: string;
  readonly note?: string;
}

/** What the field itself says of what stands around it. */
export interface FieldAria {
  readonly 'aria-label': string;
  readonly 'aria-describedby'?: string;
  readonly 'aria-invalid'?: true;
}

/** Around a field: its name above it, a note or what is wrong below. */
export function FieldFrame({
  label,
  error,
  note,
  children,
}: FieldFrameProps & { readonly children: (aria: FieldAria) => ReactNode }) {
  const noteId = useId();
  return (
    <View style={{ gap: SPACE.xs, flexGrow: 1, flexShrink: 1, minWidth: 130 }}>
      <Text variant="strong">{label}</Text>
      {children({
        'aria-label': label,
        ...((note || error) && { 'aria-describedby': noteId }),
        ...(error && { 'aria-invalid': true }),
      })}
      {note || error ? (
        <Text variant="small" tone={error ? 'rust' : 'soft'} nativeID={noteId} live={Boolean(error)}>
          {error ?? note ?? ''}
        </Text>
      ) : null}
    </View>
  );
}
