import { View } from 'react-native';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { ALL_CAUTIONS } from '../words/cautions';

export function CautionsScreen() {
  return (
    <Page title="Cautions">
      {ALL_CAUTIONS.map(({ title, text }) => (
        <View key={title} style={{ marginBottom: SPACE.l }}>
          <Text variant="heading" level={2}>
            {title}
          </Text>
          <Text>{text}</Text>
        </View>
      ))}
    </Page>
  );
}
