import { View } from 'react-native';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { ALL_CAUTIONS } from '../words/cautions';

export function CautionsScreen() {
  return (
    <Page title="Cautions">
      {ALL_CAUTIONS.map(({ title, text }) => (
        <View key={title} style={{ marginBottom: SPACE.l }}>
          <Words kind="heading" level={2}>
            {title}
          </Words>
          <Words>{text}</Words>
        </View>
      ))}
    </Page>
  );
}
