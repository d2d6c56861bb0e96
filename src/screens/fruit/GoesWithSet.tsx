import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { BetterSet } from '@/core/analysis/betterSet';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayEffect, sayNotTold, sayTooFew, type NameOfLevel } from '../words/setFactors';

interface GoesWithSetProps {
  readonly better: BetterSet;
  readonly nameOf: NameOfLevel;
}

/** What goes with better set, the clearest first. */
export function GoesWithSet({ better, nameOf }: GoesWithSetProps) {
  const f = useFormat();
  const router = useRouter();
  return (
    <View style={{ gap: SPACE.m, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        What goes with better set
      </Text>
      {better.enough ? (
        <>
          {better.effects.map((effect) => {
            const { title, counts, text, advice } = sayEffect(effect, f, nameOf);
            const isShown = effect.evidence !== 'none';
            return (
              <View key={`${effect.factor} ${effect.more.from}`} style={{ gap: 2 }}>
                <Text variant="strong">{title}</Text>
                <Text tone={isShown ? undefined : 'soft'}>{counts}</Text>
                <Text variant={isShown ? undefined : 'small'} tone={isShown ? undefined : 'soft'}>
                  {text}
                </Text>
                {advice ? <Text variant="strong">{advice}</Text> : null}
              </View>
            );
          })}
          {better.effects.length === 0 ? (
            <Text tone="soft">These flowers were all treated alike, or too few differ.</Text>
          ) : null}
          {sayNotTold(better.notTold).map((text) => (
            <Text key={text} variant="small" tone="soft">
              {text}
            </Text>
          ))}
          <Text variant="small" tone="soft">
            {`From ${f.count(better.flowers, 'flower', 'flowers')} on ${f.count(better.plants, 'plant', 'plants')}. It says what goes together, not what causes what: to know, try both ways on flowers of the same plants.`}
          </Text>
        </>
      ) : (
        <Text tone="soft">{sayTooFew(better, f)}</Text>
      )}
      <ListRow
        title="Try it out"
        note="Two ways on the same plants, dealt by chance"
        onPress={() => router.push('/fruit/trials')}
      />
    </View>
  );
}
