import type { ReactNode } from 'react';
import { View } from 'react-native';
import { bearingSexOf } from '@/core/crops/catalogue';
import { FLOWER_STAGES, type FlowerStage } from '@/core/crops/flowerForm';
import { factsOf } from '@/core/flowers/forms/forms';
import { kindsOf, type SeenCrop } from '@/core/flowers/kindsOf';
import type { FlowerKind } from '@/core/flowers/signs/sign';
import { FlowerDrawing, type FlowerDrawingProps } from '@/ui/flowers/FlowerDrawing';
import { hasFace } from '@/ui/flowers/geometry/drawFlower';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { sayKind, saySex, sayStage } from '../words/flowers';
import { STYLE_WORDS } from '../words/guide';
import { sayWhyAge, sayWhySex } from '../words/practice';
import { sentenceCase } from '../words/sentenceCase';
import { Section } from './Section';

type Sex = FlowerKind['sex'];

const SEED = 5;

/** Sexes that differ from outside: a perfect flower with a fruitlet looks like a female one. */
const sexesOutside = (crop: SeenCrop): Sex[] =>
  crop.habit === 'perfect' ? ['perfect'] : [bearingSexOf(crop, {}), 'male'];

/** Sexes as they differ inside, those that carry the fruit first. */
const sexesInside = (crop: SeenCrop): Sex[] =>
  [...new Set(kindsOf(crop, {}).map(({ kind }) => kind.sex))].toSorted(
    (a, b) => Number(a === 'male') - Number(b === 'male'),
  );

/** By what the sexes are told apart, from outside and inside. */
export function FlowerSexes({ crop }: { readonly crop: SeenCrop }) {
  const form = crop.flower;
  if (crop.habit === 'perfect' || factsOf(form).sexesApart) return null;
  return (
    <Section title="Male or female">
      <Cells>
        {sexesOutside(crop).map((sex) => {
          const { part, text } = sayWhySex(sex, false);
          const looks = { form, sex, stage: 'open', seed: SEED } as const;
          return <Cell key={sex} title={saySex(form, sex)} text={text} looks={looks} mark={part} />;
        })}
      </Cells>
      {hasFace(form) ? (
        <Cells>
          {sexesInside(crop).map((sex) => (
            <Cell
              key={sex}
              title={`${saySex(form, sex)}, inside`}
              text={sayWhySex(sex, true).text}
              looks={{ form, sex, stage: 'open', seed: SEED }}
              view="face"
            />
          ))}
        </Cells>
      ) : null}
    </Section>
  );
}

interface Age {
  readonly stage: FlowerStage;
  /** Those of whom the same is to be said. */
  readonly sexes: readonly Sex[];
}

/** What differs by sex gets a line for each; what does not, one. */
function agesOf(crop: SeenCrop): Age[] {
  const sexes = sexesOutside(crop);
  return factsOf(crop.flower).sexesApart
    ? sexes.flatMap((sex) => FLOWER_STAGES.map((stage) => ({ stage, sexes: [sex] })))
    : FLOWER_STAGES.map((stage) => ({ stage, sexes }));
}

const AGE = 100;

/** By what ages are told apart: all of one crop in one scale. */
export function FlowerAges({ crop }: { readonly crop: SeenCrop }) {
  const form = crop.flower;
  return (
    <Section title="How old is it?">
      {agesOf(crop).map(({ stage, sexes }) => {
        const kind = { sex: sexes[0]!, stage };
        const both = sexes.length > 1;
        return (
          <View
            key={`${sexes.join()} ${stage}`}
            style={{ flexDirection: 'row', gap: SPACE.m, alignItems: 'center' }}
          >
            {sexes.map((sex) => (
              <View key={sex} style={{ width: both ? 70 : 104, alignItems: 'center' }}>
                <View style={{ height: AGE, justifyContent: 'flex-end' }}>
                  <FlowerDrawing looks={{ form, sex, stage, seed: SEED }} size={AGE} />
                </View>
                {both ? (
                  <Text variant="small" tone="soft">
                    {sex === 'male' ? 'Male' : 'Female'}
                  </Text>
                ) : null}
              </View>
            ))}
            <View style={{ flex: 1, minWidth: 0 }}>
              <Text variant="strong">
                {sentenceCase(
                  factsOf(form).sexesApart ? sayKind(form, kind) : sayStage(form, kind.sex, stage),
                )}
              </Text>
              <Text variant="small">{sayWhyAge(form, kind).text}</Text>
            </View>
          </View>
        );
      })}
    </Section>
  );
}

/** Where flowers differ in the length of their style, and with it in whether they can set. */
export function FlowerStyles({ crop }: { readonly crop: SeenCrop }) {
  const form = crop.flower;
  const styles = factsOf(form).styles?.(form) ?? [];
  if (styles.length === 0) return null;
  return (
    <Section title="Can it set?">
      <Cells>
        {styles.map((style) => (
          <Cell
            key={style}
            title={STYLE_WORDS[style].title}
            text={STYLE_WORDS[style].text}
            looks={{ form, sex: 'perfect', stage: 'open', style, seed: SEED }}
          />
        ))}
      </Cells>
    </Section>
  );
}

const Cells = ({ children }: { readonly children: ReactNode }) => (
  <View style={{ flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start' }}>{children}</View>
);

interface CellProps extends Pick<FlowerDrawingProps, 'looks' | 'view' | 'mark'> {
  readonly title: string;
  readonly text: string;
}

const CELL = 128;

/** A flower, what it is, and by what one knows. */
const Cell = ({ title, text, looks, view, mark }: CellProps) => (
  <View style={{ flex: 1, minWidth: 0 }}>
    <View style={{ height: CELL, alignItems: 'center', justifyContent: 'flex-end' }}>
      <FlowerDrawing looks={looks} view={view} fit="own" size={CELL} {...(mark && { mark })} />
    </View>
    <Text variant="strong" style={{ marginTop: SPACE.xs }}>
      {title}
    </Text>
    <Text variant="small">{text}</Text>
  </View>
);
