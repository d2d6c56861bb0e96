import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Goal } from '@/core/crops/crop';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { VarietyTraits } from '@/core/crops/traits';
import { identify, valuesToOffer, type Identification } from '@/core/flowers/identify';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import type { Evidence, SignId, SignValue } from '@/core/flowers/signs/sign';
import { flowerUse, type FlowerCondition, type Use } from '@/core/flowers/flowerUse';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import {
  sayKind,
  saySex,
  saySpeaking,
  sayStage,
  saySure,
  sayUse,
  sayUseReason,
  sayValue,
  SIGN_WORDS,
} from '../words/flowers';
import { sentenceCase } from '../words/sentenceCase';
import { SignQuestion } from './SignQuestion';

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

type Seen = Partial<Record<SignId, SignValue>>;

/** Of this many further signs one may choose. */
const OTHERS = 3;

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
            onPress={() => router.push({ pathname: '/bench/guide', params: { crop: crop.id } })}
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

const without = (seen: Seen, sign: SignId): Seen =>
  Object.fromEntries(Object.entries(seen).filter(([id]) => id !== sign));

interface AnswerProps {
  readonly crop: SeenCrop;
  readonly found: Identification;
  readonly use: Use;
}

/** From this chance on it is said without a question mark. Our default. */
const SURE = 0.8;

/** Sex and age, each with how sure it is; where there is only one sex, the age alone. */
function answers(form: FlowerForm, { sex, stage, beliefs }: Identification, f: Format) {
  const both = new Set(beliefs.map(({ kind }) => kind.sex)).size > 1;
  return [
    ...(both ? [{ what: saySex(form, sex.most), chance: sex.chance }] : []),
    { what: sentenceCase(sayStage(form, sex.most, stage.most)), chance: stage.chance },
  ].map((answer) => ({ ...answer, sure: saySure(answer.chance, f) }));
}

/** What it is taken for, how surely, and what can be done with it. */
function Answer({ crop: { flower: form }, found, use }: AnswerProps) {
  const f = useFormat();
  const best = found.beliefs[0]!;
  return (
    <View
      aria-live="polite"
      style={{ flexDirection: 'row', gap: SPACE.m, alignItems: 'center', marginBottom: SPACE.l }}
    >
      {found.sex.chance >= SURE ? (
        <View style={{ width: 112, alignItems: 'center' }}>
          <FlowerDrawing
            looks={{ form, seed: 5, ...best.kind }}
            fit="own"
            size={132}
            label={`Drawing: ${sayKind(form, best.kind)}`}
          />
        </View>
      ) : null}
      <View style={{ flex: 1 }}>
        {answers(form, found, f).map(({ what, sure, chance }) => (
          <View key={what}>
            <Text variant={chance >= SURE ? 'stop' : 'strong'}>{chance >= SURE ? what : `${what}?`}</Text>
            <Text variant="small" tone="soft">
              {sure}
            </Text>
          </View>
        ))}
        <Text variant="strong" style={{ marginTop: SPACE.s }}>
          {sayUse(use, best.kind.sex, form, f)}
        </Text>
        {use.reasons.map((why) => (
          <Text key={why.code} variant="small">
            {sayUseReason(why, f)}
          </Text>
        ))}
      </View>
    </View>
  );
}

interface SeenSignsProps {
  readonly crop: SeenCrop;
  readonly found: Identification;
  readonly seen: Seen;
  readonly onForget: (sign: SignId) => void;
}

/** What was seen, what it speaks for, and what does not fit. */
function SeenSigns({ crop, found, seen, onForget }: SeenSignsProps) {
  const [why, setWhy] = useState(false);
  return (
    <View style={{ marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        What you saw
      </Text>
      {found.conflicting.length > 0 ? (
        <Text tone="rust">These do not fit together: look at the marked ones once more.</Text>
      ) : null}
      {(Object.entries(seen) as [SignId, SignValue][]).map(([sign, value]) => {
        const what = sayValue(sign, value);
        const odd = found.conflicting.includes(sign);
        return (
          <View key={sign} style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
            <Text tone={odd ? 'rust' : 'ink'} style={{ flex: 1 }}>
              {odd ? `${what} (?)` : what}
            </Text>
            <Button
              variant="quiet"
              title="Take back"
              label={`Take back: ${what}`}
              onPress={() => onForget(sign)}
            />
          </View>
        );
      })}
      <Button variant="quiet" title={why ? 'Hide why' : 'Why?'} onPress={() => setWhy(!why)} />
      {why
        ? saySpeaking(found, crop.flower, seen).map((line) => (
            <Text key={line} variant="small">
              {line}
            </Text>
          ))
        : null}
    </View>
  );
}

interface ConditionProps {
  readonly value: Pick<FlowerCondition, 'cover' | 'hole'>;
  readonly onChange: (value: Pick<FlowerCondition, 'cover' | 'hole'>) => void;
}

/** Whether an open flower may be used for seed hangs on its cover. */
const Condition = ({ value, onChange }: ConditionProps) => (
  <View style={{ marginTop: SPACE.l, gap: SPACE.m }}>
    <Choice<NonNullable<FlowerCondition['cover']>>
      row
      label="Its cover, as you found it"
      value={value.cover}
      options={[
        { value: 'intact', title: 'Intact' },
        { value: 'opened', title: 'Came off' },
        { value: 'none', title: 'None' },
      ]}
      onChange={(cover) => onChange({ ...value, cover })}
    />
    <Choice<'yes' | 'no'>
      row
      label="A hole in it?"
      value={value.hole === undefined ? undefined : value.hole ? 'yes' : 'no'}
      options={[
        { value: 'no', title: 'No' },
        { value: 'yes', title: 'Yes' },
      ]}
      onChange={(hole) => onChange({ ...value, hole: hole === 'yes' })}
    />
  </View>
);
