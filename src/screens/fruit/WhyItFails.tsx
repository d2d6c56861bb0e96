import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { diagnose, type Evidence } from '@/core/diagnosis/diagnose';
import { factsOf } from '@/core/flowers/forms/forms';
import type { Fruit } from '@/core/fruit/fruits';
import { failureTableOf } from '@/core/diagnosis/failureTableOf';
import { signSaidBy } from '@/core/diagnosis/evidenceOf';
import type { Cause, FruitSign, LookFinding } from '@/core/journal/kinds/fruit';
import { FruitPicture } from '@/ui/flowers/FruitPicture';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayCause } from '../words/diagnosis';
import { causeWords, firstOf, signWords } from '../words/failing';
import { sentenceCase } from '../words/sentenceCase';
import { useEvidence } from './useEvidence';

/** What was looked for at a fruit that fails, and the cause that the grower names. */
export interface SeenCause {
  readonly cause: Cause;
  readonly signs?: readonly FruitSign[];
  readonly without?: readonly FruitSign[];
}

interface WhyItFailsProps {
  readonly fruit: Fruit;
  /** What the look found. */
  readonly finding: LookFinding;
  readonly onSeen: (seen: SeenCause) => void;
}

/** The likely causes at once, the likeliest first, and the one sign that would tell most. */
export function WhyItFails({ fruit, finding, onSeen }: WhyItFailsProps) {
  const f = useFormat();
  const [answers, setAnswers] = useState<Evidence>({});
  const known = useEvidence(fruit);
  const { crop } = fruit.variety;
  const said = signSaidBy(finding, crop);
  const table = failureTableOf(cropOf(crop).flower);
  const { causes, lookAt } = diagnose({ ...known, ...(said && { [said]: true }), ...answers }, table);
  const those = (so: boolean): readonly FruitSign[] => table.signs.filter((sign) => answers[sign] === so);
  const first = firstOf(crop);
  const [signs, without] = [those(true), those(false)];
  return (
    <View style={{ gap: SPACE.m }}>
      {first ? <Text>{first}</Text> : null}
      {lookAt ? (
        <View style={{ gap: SPACE.s }}>
          <Text variant="strong" live>
            {signWords(lookAt, crop).asks}
          </Text>
          {lookAt === 'darkPatch' || lookAt === 'tapered' ? <TwoThatLookAlike fruit={fruit} /> : null}
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            {([true, false] as const).map((so) => (
              <Button
                key={String(so)}
                title={so ? 'Yes' : 'No'}
                onPress={() => setAnswers({ ...answers, [lookAt]: so })}
                style={{ flex: 1 }}
              />
            ))}
          </View>
        </View>
      ) : null}
      {signs.length + without.length > 0 ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
          <Text variant="small" tone="soft" style={{ flex: 1 }}>
            {[
              ...signs.map((sign) => `Yes: ${signWords(sign, crop).name}.`),
              ...without.map((sign) => `No: ${signWords(sign, crop).name}.`),
            ].join(' ')}
          </Text>
          <Button variant="quiet" title="Reset" onPress={() => setAnswers({})} />
        </View>
      ) : null}
      <Choice<Cause>
        label="Likely cause"
        value={undefined}
        options={[
          ...causes.map((ranked) => {
            const { name, sign } = causeWords(ranked.cause, crop);
            return {
              ...{ value: ranked.cause, title: name },
              note: `${sayCause(ranked, crop, f)}. ${sentenceCase(sign)}.`,
            };
          }),
          { value: 'unknown' as const, title: causeWords('unknown').name },
        ]}
        onChange={(cause) =>
          onSeen({ cause, ...(signs.length > 0 && { signs }), ...(without.length > 0 && { without }) })
        }
      />
    </View>
  );
}

const PICTURE = 84;

/** Too little pollen and end rot, which growers mix up. */
function TwoThatLookAlike({ fruit: { variety } }: { readonly fruit: Fruit }) {
  const { flower } = cropOf(variety.crop);
  if (!flower || !factsOf(flower).fates?.includes('endRot')) return null;
  const shape = variety.traits.fruitShape;
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.l }}>
      {(
        [
          ['endRot', 'End rot: a dark patch, on a fruit that grew. Not from the pollen.'],
          ['misshapen', 'Too little pollen: thin or bent towards the flower end.'],
        ] as const
      ).map(([fate, words]) => (
        <View key={fate} style={{ flex: 1, alignItems: 'center' }}>
          <FruitPicture form={flower} fate={fate} shape={shape} size={PICTURE} />
          <Text variant="small" tone="soft">
            {words}
          </Text>
        </View>
      ))}
    </View>
  );
}
