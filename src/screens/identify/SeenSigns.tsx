import { useState } from 'react';
import { View } from 'react-native';
import type { Identification } from '@/core/flowers/identify';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import type { SignId, SignValue } from '@/core/flowers/signs/sign';
import type { FlowerCondition } from '@/core/flowers/flowerUse';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { saySpeaking, sayValue } from '../words/flowers';

export type Seen = Partial<Record<SignId, SignValue>>;

/** Of this many further signs one may choose. */
export const OTHERS = 3;

export const without = (seen: Seen, sign: SignId): Seen =>
  Object.fromEntries(Object.entries(seen).filter(([id]) => id !== sign));

interface SeenSignsProps {
  readonly crop: SeenCrop;
  readonly found: Identification;
  readonly seen: Seen;
  readonly onForget: (sign: SignId) => void;
}

/** What was seen, what it speaks for, and what does not fit. */
export function SeenSigns({ crop, found, seen, onForget }: SeenSignsProps) {
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
export const Condition = ({ value, onChange }: ConditionProps) => (
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
