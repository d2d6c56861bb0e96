import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable } from 'react-native';
import { Text } from '@/ui/parts/Text';
import { TOUCH } from '@/ui/theme';

export interface UnsureButtonProps {
  readonly plant: string;
  /** The flower as it should look. */
  readonly children?: ReactNode;
}

/** From the plant one stands at to the question which flower it is. */
export function UnsureButton({ plant, children }: UnsureButtonProps) {
  const router = useRouter();
  return (
    <Pressable
      role="button"
      aria-label="Unsure which flower this is?"
      onPress={() => router.push({ pathname: '/more/identify', params: { plant } })}
      style={{ alignItems: 'center', justifyContent: 'center', minHeight: TOUCH.least, minWidth: 88 }}
    >
      {children}
      <Text variant="small" tone="leaf" style={{ fontWeight: '600' }}>
        Unsure?
      </Text>
    </Pressable>
  );
}
