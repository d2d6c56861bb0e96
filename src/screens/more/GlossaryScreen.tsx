import { View } from 'react-native';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { GLOSSARY, TERM_IDS } from '../words/glossary';
import { sentenceCase } from '../words/sentenceCase';

/** Every word of the trade that the app uses, explained. */
export const GlossaryScreen = () => (
  <Page title="Words">
    <View role="list" style={{ gap: SPACE.m }}>
      {TERM_IDS.map((id) => {
        const { term, text } = GLOSSARY[id];
        return (
          <View role="listitem" key={id}>
            <Text variant="strong">{sentenceCase(term)}</Text>
            <Text>{text}</Text>
          </View>
        );
      })}
    </View>
  </Page>
);
