import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';

/** In a garden without plants: what comes first, and the way there. */
export function PlantFirst({ text }: { readonly text: string }) {
  const router = useRouter();
  return (
    <View style={{ gap: SPACE.m }}>
      <Text>{text}</Text>
      <Button
        variant="main"
        size="big"
        title="Put plants on the plan"
        onPress={() => router.push('/garden')}
      />
    </View>
  );
}
