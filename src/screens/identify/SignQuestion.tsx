import { Pressable, View } from 'react-native';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { SignId, SignValue } from '@/core/flowers/signs/sign';
import { SignPicture } from '@/ui/flowers/SignPicture';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { RADIUS, SPACE, usePalette } from '@/ui/theme';
import { sayValue, SIGN_WORDS } from '../words/flowers';

export interface SignQuestionProps {
  readonly form: FlowerForm;
  readonly sign: SignId;
  /** What flowers of the variety may show. */
  readonly values: readonly SignValue[];
  readonly onSeen: (value: SignValue) => void;
  readonly onUnseen: () => void;
}

const PICTURE = 92;

/** One sign to look at, answered by tapping what it looks like. */
export function SignQuestion({ form, sign, values, onSeen, onUnseen }: SignQuestionProps) {
  const { ink, edge, paper } = usePalette();
  const { asks } = SIGN_WORDS[sign];
  return (
    <View role="group" aria-label={asks}>
      <Text variant="heading" level={2}>
        {asks}
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginTop: SPACE.s }}>
        {values.map((value) => {
          const title = sayValue(sign, value);
          return (
            <Pressable
              key={value}
              role="button"
              aria-label={title}
              onPress={() => onSeen(value)}
              style={{
                flexBasis: values.length === 3 ? '30%' : '45%',
                flexGrow: 1,
                alignItems: 'center',
                justifyContent: 'flex-end',
                gap: SPACE.xs,
                padding: SPACE.s,
                borderRadius: RADIUS.s,
                borderWidth: 1.5,
                borderColor: edge,
                backgroundColor: paper,
              }}
            >
              <SignPicture form={form} sign={sign} value={value} size={PICTURE} />
              <Text variant="small" style={{ textAlign: 'center', color: ink }}>
                {title}
              </Text>
            </Pressable>
          );
        })}
      </View>
      <Button variant="quiet" title="Cannot tell" onPress={onUnseen} />
    </View>
  );
}
