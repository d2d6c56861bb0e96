import { View } from 'react-native';
import type { Crop } from '@/core/crops/catalogue';
import { roguingOf } from '@/core/guide/roguing';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Explained } from '../shell/Explained';
import { ROGUE_SIGN_WORDS, ROGUE_STAGE_NAMES } from '../words/roguing';
import { Section } from './Section';

/** What to look at in plants that are grown for seed, and when. */
export function Roguing({ crop }: { readonly crop: Crop }) {
  return (
    <Section title="Grown for seed: which plants go">
      <Explained terms={['rogue']}>
        Seed keepers rogue their plants: one that is not true is pulled out, best before it gives pollen. Say
        so on the walk, at that plant: what its pollen may have reached before is judged again.
      </Explained>
      <View role="list" style={{ gap: SPACE.s }}>
        {roguingOf(crop).map(({ stage, signs }) => (
          <View role="listitem" key={stage}>
            <Text variant="strong">{ROGUE_STAGE_NAMES[stage]}</Text>
            <Text>{`Look at ${signs.map((sign) => ROGUE_SIGN_WORDS[sign]).join('; ')}.`}</Text>
          </View>
        ))}
      </View>
    </Section>
  );
}
