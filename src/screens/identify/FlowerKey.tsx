import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Goal } from '@/core/crops/crop';
import type { VarietyTraits } from '@/core/crops/traits';
import { identify, valuesToOffer } from '@/core/flowers/identify';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import type { Evidence, SignId } from '@/core/flowers/signs/sign';
import { type FlowerCondition, flowerUse } from '@/core/flowers/flowerUse';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { SIGN_WORDS } from '../words/flowers';
import { SignQuestion } from './SignQuestion';
import { Condition, OTHERS, type Seen, SeenSigns, without } from './SeenSigns';
import { Answer } from './FlowerAnswer';

export interface FlowerKeyProps {
  readonly crop: SeenCrop;
  readonly traits: VarietyTraits;
  /** Of the plant one stands at; asked where it is not known. */
  readonly goal: Goal | undefined;
  /** The plant, in words. */
  readonly where: string | undefined;
  /** To another crop. */
  readonly onOther: (() => void) | undefined;
}

/** From what is seen to sex, age and use; the most telling sign is asked next. */
export function FlowerKey({ crop, traits, goal: given, where, onOther }: FlowerKeyProps) {
  const router = useRouter();
  const [seen, setSeen] = useState<Seen>({});
  const [unseen, setUnseen] = useState<readonly SignId[]>([]);
  const [asked, setAsked] = useState<SignId>();
  const [goal, setGoal] = useState<Goal>(given ?? 'fruit');
  const [condition, setCondition] = useState<Pick<FlowerCondition, 'cover' | 'hole'>>({});
  const found = identify(crop, traits, seen as Evidence);
  const use = flowerUse(crop, found.beliefs, { goal, ...condition });
  const left = found.next.filter(({ sign }) => !unseen.includes(sign));
  const next = left.find(({ sign }) => sign === asked)?.sign ?? left[0]?.sign;
  const any = Object.keys(seen).length > 0;
  const guarded = crop.protocols[goal]?.cover !== undefined;
  return (
    <Page
      title="Which flower is this?"
      over={
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
          <Text tone="soft" style={{ flex: 1 }}>
            {where ?? crop.name}
          </Text>
          {onOther ? <Button variant="quiet" size="small" title="Another crop" onPress={onOther} /> : null}
        </View>
      }
      aside={
        <>
          {any ? (
            <SeenSigns
              found={found}
              seen={seen}
              crop={crop}
              onForget={(sign) => setSeen(without(seen, sign))}
            />
          ) : null}
          {given ? null : (
            <View style={{ marginTop: SPACE.l }}>
              <Choice<Goal>
                row
                label="You want"
                value={goal}
                options={[
                  { value: 'fruit', title: 'Fruit' },
                  { value: 'seed', title: 'Seed' },
                  { value: 'cross', title: 'A cross' },
                ]}
                onChange={setGoal}
              />
            </View>
          )}
          {guarded && found.stage.most === 'open' ? (
            <Condition value={condition} onChange={setCondition} />
          ) : null}
          <Button
            variant="quiet"
            title={`Field guide: ${crop.name}`}
            onPress={() => router.push({ pathname: '/more/guide', params: { crop: crop.id } })}
            style={{ marginTop: SPACE.m }}
          />
        </>
      }
      foot={
        any ? (
          <Button
            title="Next flower"
            size="big"
            variant="main"
            onPress={() => {
              setSeen({});
              setUnseen([]);
              setAsked(undefined);
              setCondition({});
            }}
          />
        ) : undefined
      }
    >
      {any ? (
        <Answer crop={crop} found={found} use={use} />
      ) : (
        <Text style={{ marginBottom: SPACE.m }}>Tap what you see. Two or three signs are often enough.</Text>
      )}
      {next ? (
        <SignQuestion
          form={crop.flower}
          sign={next}
          values={valuesToOffer(crop, traits, next)}
          onSeen={(value) => {
            setSeen({ ...seen, [next]: value });
            setAsked(undefined);
          }}
          onUnseen={() => setUnseen([...unseen, next])}
        />
      ) : (
        <Text tone="soft">Nothing else would tell much more.</Text>
      )}
      {left.length > 1 ? (
        <View style={{ marginTop: SPACE.m }}>
          <Text variant="strong">Or look at</Text>
          {left
            .filter(({ sign }) => sign !== next)
            .slice(0, OTHERS)
            .map(({ sign }) => (
              <Button
                key={sign}
                variant="quiet"
                title={SIGN_WORDS[sign].asks}
                onPress={() => setAsked(sign)}
              />
            ))}
        </View>
      ) : null}
    </Page>
  );
}
