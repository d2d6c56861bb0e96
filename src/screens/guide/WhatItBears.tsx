import { View } from 'react-native';
import type { Crop } from '@/core/crops/catalogue';
import { diagnose } from '@/core/diagnosis/diagnose';
import { tellingOf } from '@/core/diagnosis/tellingOf';
import { failureTableOf } from '@/core/diagnosis/failureTableOf';
import { NAMED_CAUSES } from '@/core/diagnosis/tables/failureTable';
import type { FruitFate } from '@/core/flowers/fruitFate';
import type { FruitGap } from '@/core/flowers/forms/form';
import { factsOf } from '@/core/flowers/forms/forms';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import { FruitPicture } from '@/ui/flowers/FruitPicture';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { causeWords, GAPS, reasonWords } from '../words/failing';
import { sayLikeliest } from '../words/diagnosis';
import { FATES, sayAnswer } from '../words/practice';
import { Section } from './Section';

/** What a fruitlet looks like some days later, or what gaps in an ear or a head tell. */
export function FruitFates({ crop }: { readonly crop: SeenCrop }) {
  const { fates = [], gaps } = factsOf(crop.flower);
  if (gaps) {
    return (
      <Section title="Full, and with gaps">
        <Fate crop={crop} fate="growing" title="Full" text="All of it got pollen." />
        {gaps.map((gap) => (
          <Gap key={gap} crop={crop} gap={gap} />
        ))}
      </Section>
    );
  }
  if (fates.length === 0) return null;
  return (
    <Section title="A week later">
      {fates.filter(isTold).map((fate) => (
        <Fate
          key={fate}
          crop={crop}
          fate={fate}
          title={sayAnswer(fate, crop.flower)}
          text={FATES[fate].text}
        />
      ))}
    </Section>
  );
}

const isTold = (fate: FruitFate): fate is keyof typeof FATES => fate in FATES;

/** What a gap mostly comes from, and what to do about that. */
function Gap({ crop, gap }: { readonly crop: SeenCrop; readonly gap: FruitGap }) {
  const f = useFormat();
  const { causes } = diagnose({ grew: true, [gap]: true }, failureTableOf(crop.flower));
  return (
    <Fate
      crop={crop}
      fate={gap}
      title={`${GAPS[gap]}: ${sayLikeliest(causes, crop.id, f)}`}
      text={causeWords(causes[0]!.cause, crop.id).advice}
    />
  );
}

interface FateProps {
  readonly crop: SeenCrop;
  readonly fate: FruitFate;
  readonly title: string;
  readonly text: string;
}

const Fate = ({ crop, fate, title, text }: FateProps) => (
  <View style={{ flexDirection: 'row', gap: SPACE.m, alignItems: 'center' }}>
    <View style={{ width: 96, alignItems: 'center' }}>
      <FruitPicture form={crop.flower} fate={fate} size={92} />
    </View>
    <View style={{ flex: 1, minWidth: 0 }}>
      <Text variant="strong">{title}</Text>
      <Text variant="small">{text}</Text>
    </View>
  </View>
);

/** The whole table by which failures are judged. */
export function WhyItMayFail({ crop }: { readonly crop: Crop }) {
  const f = useFormat();
  const table = failureTableOf(crop.flower);
  const { causes } = table;
  const all = [...causes.values()].reduce((sum, { prior }) => sum + prior, 0);
  const share = (percent: number): string => f.percent(percent / 100);
  return (
    <Section title="Why it may fail">
      <Text variant="small" tone="soft">
        How many of a hundred failures come from each cause, and of those, how many show each sign. What goes
        with what is common practice, no source; the numbers are our defaults, none is measured. What you note
        of your own failures counts before them.
      </Text>
      <View role="list" style={{ gap: SPACE.m }}>
        {NAMED_CAUSES.flatMap((cause) => {
          const row = causes.get(cause);
          if (!row) return [];
          const shows = tellingOf(table, cause);
          return [
            <View role="listitem" key={cause}>
              <Text>
                <Text variant="strong">{causeWords(cause, crop.id).name}</Text>
                {`: ${f.percent(row.prior / all)}`}
              </Text>
              <Text variant="small" tone="soft">
                {shows
                  .map(({ name, percent }) => `${reasonWords(name, true, crop.id)} ${share(percent)}`)
                  .join(' · ')}
              </Text>
            </View>,
          ];
        })}
      </View>
    </Section>
  );
}
