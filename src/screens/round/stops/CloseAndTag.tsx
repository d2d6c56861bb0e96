import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';

interface CloseAndTagProps {
  readonly covered: boolean;
  readonly tag: string | undefined;
  readonly shut: string;
  /** What can be done if it will not shut. */
  readonly children: ReactNode;
}

/** The last step at a female. */
export function CloseAndTag({ covered, tag, shut, children }: CloseAndTagProps) {
  if (!covered && !tag) return null;
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        flexWrap: 'wrap',
        gap: SPACE.s,
        marginTop: SPACE.m,
      }}
    >
      <Text>{covered ? `${shut}${tag ? ', then tag' : ''}` : 'Tag'}</Text>
      {tag ? <Text variant="code">{tag}</Text> : null}
      {covered ? children : null}
    </View>
  );
}
