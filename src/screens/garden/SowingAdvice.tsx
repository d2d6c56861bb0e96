import { useState } from 'react';
import { View } from 'react-native';
import { CROP_IDS, cropOf } from '@/core/crops/catalogue';
import { mayCross, sowingFor, type Flowering } from '@/core/planning/floweringPlan';
import type { PlannedVariety } from '@/core/planning/gardenPlan';
import type { Wish } from '@/core/season/sowingDay';
import type { Day } from '@/core/time/types';
import { useGarden } from '@/data/hooks/useGarden';
import { Choice } from '@/ui/parts/Choice';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';

const WISHES: readonly { readonly value: Wish; readonly title: string }[] = [
  { value: 'together', title: 'With it, for a cross' },
  { value: 'after', title: 'After it' },
  { value: 'before', title: 'Before it' },
];

/** Days between flowerings where a crop names them: uniform varieties, landraces. */
const APART = CROP_IDS.map(cropOf).find(({ timeApart }) => timeApart)!;
const [uniform, landrace] = APART.timeApart!.value;

export interface SowingAdviceProps {
  readonly varieties: readonly PlannedVariety[];
  readonly flowering: readonly Flowering[];
  readonly today: Day;
}

/** When to sow one variety so that it flowers with another, or at another time. */
export function SowingAdvice({ varieties, flowering, today }: SowingAdviceProps) {
  const [id, setId] = useState<string>();
  const [otherId, setOther] = useState<string>();
  const [wish, setWish] = useState<Wish>('after');
  const [apart, setApart] = useState(uniform);
  const partners = ({ variety: { variety, crop } }: PlannedVariety): readonly Flowering[] =>
    flowering.filter((each) => mayCross({ variety, group: cropOf(crop).group }, each));
  const candidates = varieties.filter((each) => partners(each).length > 0);
  const planned = candidates.find(({ variety }) => variety.variety === id);
  const others = planned ? partners(planned) : [];
  const other = others.find((each) => each.id === otherId);
  return (
    <View style={{ gap: SPACE.m, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        When to sow
      </Text>
      {candidates.length === 0 ? (
        <Text tone="soft">This needs two varieties that cross, one of them with known flowering.</Text>
      ) : (
        <>
          <Choice
            label="Which one do you want to sow?"
            options={candidates.map(({ variety }) => ({ value: variety.variety, title: variety.name }))}
            value={id}
            onChange={(next) => {
              setId(next);
              setOther(undefined);
            }}
          />
          {planned ? <Partners others={others} value={otherId} onChange={setOther} /> : null}
          {other ? (
            <Choice label="It should flower" options={WISHES} value={wish} onChange={setWish} row />
          ) : null}
          {other && wish !== 'together' ? (
            <Stepper
              label="Days between"
              value={apart}
              onChange={setApart}
              most={60}
              lessLabel="One day less"
              moreLabel="One day more"
            />
          ) : null}
          {planned && other ? (
            <FoundSowing planned={planned} other={other} wish={wish} daysApart={apart} today={today} />
          ) : null}
          <Text variant="small" tone="soft">
            Estimated from warmth. In a cool spring later sowings catch up, so leave more days between sowings
            than you want between flowers. For {APART.name.toLowerCase()} {uniform} days suit uniform
            varieties, {landrace} or more suit landraces; watch the first silk, not the calendar.
          </Text>
        </>
      )}
    </View>
  );
}

interface PartnersProps {
  readonly others: readonly Flowering[];
  readonly value: string | undefined;
  readonly onChange: (id: string) => void;
}

function Partners({ others, value, onChange }: PartnersProps) {
  const f = useFormat();
  return (
    <Choice
      label="Next to which"
      options={others.map(({ id, name, span }) => ({
        value: id,
        title: name,
        note: `${f.shortDay(span[0])} to ${f.shortDay(span[1])}`,
      }))}
      value={value}
      onChange={onChange}
    />
  );
}

interface FoundSowingProps {
  readonly planned: PlannedVariety;
  readonly other: Flowering;
  readonly wish: Wish;
  readonly daysApart: number;
  readonly today: Day;
}

function FoundSowing(wanted: FoundSowingProps) {
  const f = useFormat();
  const { journal, described } = useGarden().store;
  const found = described && sowingFor(journal, described, wanted);
  return (
    <Text variant="strong" live>
      {found
        ? `Sow ${wanted.planned.variety.name} on ${f.day(found.day)}: it flowers from ${f.day(found.first)} to ${f.day(found.last)}.`
        : 'No sowing this season works: too cold, or too short.'}
    </Text>
  );
}
