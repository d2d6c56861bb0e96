import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { diagnose, type RankedCause } from '@/core/diagnosis/diagnose';
import type { Fruit } from '@/core/fruit/fruits';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayCause } from '../words/diagnosis';
import { CAUSE_ADVICE, CAUSE_NAMES } from '../words/names';
import { useEvidence } from './useEvidence';

/** Causes that are shown where the grower named none. */
const SHOWN = 3;

/** What went wrong with a fruit, as it was noted or as it is likely, and what to do. */
export function WhatToDo({ fruit }: { readonly fruit: Fruit }) {
  const router = useRouter();
  const noted = fruit.bloom.looks.findLast((look) => look.cause !== undefined)?.cause;
  const isNamed = noted !== undefined && noted !== 'unknown';
  if (!isNamed && fruit.history.failed === undefined) return null;
  return (
    <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        {isNamed ? 'What to do' : 'Why it may have failed'}
      </Text>
      {isNamed ? (
        <>
          <Text>{CAUSE_ADVICE[noted]}</Text>
          <Text
            variant="small"
            tone="soft"
          >{`How it looks: ${CAUSE_NAMES[noted].sign}. If it looked otherwise, put the look right: it was noted as ${CAUSE_NAMES[noted].name.toLowerCase()}.`}</Text>
        </>
      ) : (
        <Likely fruit={fruit} />
      )}
      <ListRow
        title="Field guide"
        note="How this crop is pollinated, and what goes wrong"
        onPress={() => router.push({ pathname: '/bench/guide', params: { crop: fruit.variety.crop } })}
      />
    </View>
  );
}

/** The likeliest causes by what is known. */
function Likely({ fruit }: { readonly fruit: Fruit }) {
  const { causes } = diagnose(useEvidence(fruit));
  return causes.slice(0, SHOWN).map((cause) => <LikelyCause key={cause.cause} cause={cause} />);
}

function LikelyCause({ cause }: { readonly cause: RankedCause }) {
  const f = useFormat();
  return (
    <View>
      <Text>
        <Text variant="strong">{CAUSE_NAMES[cause.cause].name}</Text>
        {`, ${sayCause(cause, f)}.`}
      </Text>
      <Text variant="small" tone="soft">
        {CAUSE_ADVICE[cause.cause]}
      </Text>
    </View>
  );
}
