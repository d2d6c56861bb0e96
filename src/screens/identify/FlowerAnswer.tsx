import { View } from 'react-native';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { Identification } from '@/core/flowers/identify';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import type { Use } from '@/core/flowers/flowerUse';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { sayKind, saySex, sayStage, saySure, sayUse, sayUseReason } from '../words/flowers';
import { sentenceCase } from '../words/sentenceCase';

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
export function Answer({ crop: { flower: form }, found, use }: AnswerProps) {
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
