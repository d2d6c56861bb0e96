import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Fruit } from '@/core/fruit/fruits';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { CAUSE_ADVICE, CAUSE_NAMES } from '../words/names';

/** What went wrong with a fruit: how it is told from what looks alike, and what to do. */
export function WhatToDo({ fruit: { bloom, variety } }: { readonly fruit: Fruit }) {
  const router = useRouter();
  const cause = bloom.looks.findLast((look) => look.cause !== undefined)?.cause;
  if (!cause || cause === 'unknown') return null;
  const { name, sign } = CAUSE_NAMES[cause];
  return (
    <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        What to do
      </Text>
      <Text>{CAUSE_ADVICE[cause]}</Text>
      <Text
        variant="small"
        tone="soft"
      >{`How it looks: ${sign}. If it looked otherwise, put the look right: it was noted as ${name.toLowerCase()}.`}</Text>
      <ListRow
        title="Field guide"
        note="How this crop is pollinated, and what goes wrong"
        onPress={() => router.push({ pathname: '/bench/guide', params: { crop: variety.crop } })}
      />
    </View>
  );
}
