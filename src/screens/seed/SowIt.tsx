import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { varietyEver } from '@/core/journal/varietyEver';
import type { Descent } from '@/core/seed/descent';
import type { GerminationTest } from '@/core/seed/germination';
import { asVariety } from '@/core/seed/asVariety';
import type { SeedLot } from '@/core/seed/seedLot';
import { seedFactsOf } from '@/core/seed/seedFacts';
import { germinationBelief, seedsToSow } from '@/core/seed/seedsToSow';
import { newId } from '@/data/clock';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { wholeNumber, WholeNumberField } from '../shell/WholeNumberField';
import { nameDescent } from '../words/seed';

/** So sure one wants to be of enough plants. Our default. */
const CHANCE = 0.9;
/** Of seed of a crop that is not sold by a legal least share. Our default. */
const USUAL = 0.75;
const MOST_PLANTS = 2000;

interface SowItProps {
  readonly lot: SeedLot;
  readonly tests: readonly GerminationTest[];
  readonly descent: Descent;
}

/** How many seeds to sow for so many plants, and onto the plan with them. */
export function SowIt({ lot, tests, descent }: SowItProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { journal } = useStore();
  const [typed, setTyped] = useState('10');
  const { crop, varieties } = lot;
  if (!crop || varieties.length === 0) return null;
  const wanted = wholeNumber(typed, MOST_PLANTS) || undefined;
  const test = tests.find(({ ended }) => ended);
  const belief = germinationBelief(
    seedFactsOf(crop).minimum?.value ?? USUAL,
    test && { up: test.counts.at(-1)?.up ?? 0, of: test.seeds },
  );
  const sown = wanted === undefined ? undefined : seedsToSow(wanted, CHANCE, belief);
  const onPlan = (): void => {
    const { variety, facts } = asVariety(journal, {
      ...{ lot, descent, newId },
      name:
        descent.of === 'mixture'
          ? lot.name
          : nameDescent(descent, (each) => varietyEver(journal, each)?.name ?? '?'),
    });
    if (facts.length > 0) record(facts);
    router.push({ pathname: '/garden/plants', params: { of: variety, lot: lot.lot } });
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Sow it
      </Text>
      <WholeNumberField label="Plants wanted" most={MOST_PLANTS} value={typed} onChange={setTyped} />
      <Text live>
        {wanted === undefined
          ? ''
          : sown === undefined
            ? 'So little of it germinates that no number of seeds promises as many: multiply it from a few plants first.'
            : `Sow ${f.count(sown, 'seed', 'seeds')}: then it is ${f.percent(CHANCE)} sure that ${f.number(wanted)} or more germinate.${lot.amount.seeds !== undefined && lot.amount.seeds < sown ? ` There are only ${f.number(lot.amount.seeds)}.` : ''}`}
      </Text>
      <Text variant="small" tone="soft">
        {test
          ? `By the test of ${f.date(test.day)}, in good warmth. In cold ground fewer come up.`
          : 'Nobody tested it: by what such seed should reach. Test it before you rely on it.'}
      </Text>
      <Button title="Put it on the plan" onPress={onPlan} style={{ alignSelf: 'flex-start' }} />
    </View>
  );
}
