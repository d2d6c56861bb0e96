import { useRouter } from 'expo-router';
import type { ViewStyle } from 'react-native';
import { Button } from '@/ui/parts/Button';

export interface UnsureButtonProps {
  readonly plant: string;
  readonly style?: ViewStyle;
}

/** From the plant one stands at to the question which flower it is. */
export function UnsureButton({ plant, style }: UnsureButtonProps) {
  const router = useRouter();
  return (
    <Button
      variant="quiet"
      size="small"
      title="Unsure?"
      label="Unsure which flower this is?"
      onPress={() => router.push({ pathname: '/bench/identify', params: { plant } })}
      {...(style && { style })}
    />
  );
}
