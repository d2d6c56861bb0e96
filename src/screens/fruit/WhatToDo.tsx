import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import { diagnose, type RankedCause } from '@/core/diagnosis/diagnose';
import { failureTableOf } from '@/core/diagnosis/failureTableOf';
import type { Fruit } from '@/core/fruit/fruits';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayCause } from '../words/diagnosis';
import { causeWords } from '../words/failing';
import { lowerFirst } from '../words/lowerFirst';
import { useEvidence } from './useEvidence';

/** Causes that are shown where the grower named none. */
const SHOWN = 3;

/** What went wrong with a fruit, as it was noted or as it is likely, and what to do. */
export function WhatToDo({ fruit }: { readonly fruit: Fruit }) {
  const router = useRouter();
  const noted = fruit.bloom.looks.findLast((look) => look.cause !== undefined)?.cause;
  const isNamed = noted !== undefined && noted !== 'unknown';
  const hasFailed = fruit.history.failed !== undefined;
  const isOdd = (fruit.bloom.looks.at(-1)?.signs ?? []).length > 0;
  if (!isNamed && !hasFailed && !isOdd) return null;
  const { crop } = fruit.variety;
  return (
    <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        {isNamed ? 'What to do' : hasFailed ? 'Why it may have failed' : 'Why it may be so'}
      </Text>
      {isNamed ? (
        <>
          <Text>{causeWords(noted, crop).advice}</Text>
          <Text
            variant="small"
            tone="soft"
          >{`How it looks: ${causeWords(noted, crop).sign}. If it looked otherwise, put the look right: it was noted as ${lowerFirst(causeWords(noted, crop).name)}.`}</Text>
        </>
      ) : (
        <Likely fruit={fruit} />
      )}
      <ListRow
        title="Field guide"
        note="How this crop is pollinated, and what goes wrong"
        onPress={() => router.push({ pathname: '/more/guide', params: { crop: fruit.variety.crop } })}
      />
    </View>
  );
}

/** The likeliest causes by what is known. */
function Likely({ fruit }: { readonly fruit: Fruit }) {
  const { crop } = fruit.variety;
  const { causes } = diagnose(useEvidence(fruit), failureTableOf(cropOf(crop).flower));
  return causes
    .slice(0, SHOWN)
    .map((ranked) => <LikelyCause key={ranked.cause} ranked={ranked} crop={crop} />);
}

function LikelyCause({ ranked, crop }: { readonly ranked: RankedCause; readonly crop: CropId }) {
  const f = useFormat();
  const { name, advice } = causeWords(ranked.cause, crop);
  return (
    <View>
      <Text>
        <Text variant="strong">{name}</Text>
        {`, ${sayCause(ranked, crop, f)}.`}
      </Text>
      <Text variant="small" tone="soft">
        {advice}
      </Text>
    </View>
  );
}
