import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { fruitsOf } from '@/core/fruit/fruits';
import type { Variety } from '@/core/journal/state';
import { daysOf, isolationInSteps } from '@/core/planning/isolationOf';
import { requiredMothers } from '@/core/population/mothers';
import { populationInSteps, type PopulationSoFar } from '@/core/population/populationSoFar';
import { purityOf } from '@/core/purity/purityOf';
import { seasonAt } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import type { InSteps } from '@/core/time/inSteps';
import { seedStandsInSteps, type SeedStands } from '@/core/years/seedStands';
import { useViewInSteps, type ViewOf } from '@/data/hooks/useViewInSteps';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { settleHref } from '../fruit/settleHref';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { GRADES } from '../words/names';
import { sayReason } from '../words/reasons/morning';

/** Who gave seed so far counts, not who stands in the bed. */
function sayMothers({ crop, purpose }: Variety, { mothers, fathers }: PopulationSoFar, f: Format): string {
  const so = `It comes of ${f.count(mothers, 'mother', 'mothers')} and ${f.count(fathers, 'father', 'fathers')}.`;
  const wanted = requiredMothers(crop, purpose);
  if (!wanted) return so;
  const [least, most] = wanted;
  const range = least === most ? f.number(least) : `${f.number(least)} to ${f.number(most)}`;
  return mothers >= least
    ? `${so} To keep the variety it takes ${range} mothers: there are enough.`
    : `${so} To keep the variety it takes ${range} mothers: ${f.number(least - mothers)} more.`;
}

interface SeedNowView extends SeedStands {
  readonly parents: PopulationSoFar | undefined;
}

function* seedNow({ store: { journal }, garden, now }: ViewOf, variety: string): InSteps<SeedNowView> {
  const today = dayAt(now, garden.zone);
  const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
  const own = fruits.filter((fruit) => fruit.variety.variety === variety);
  const isolationOf = yield* isolationInSteps(journal, garden, daysOf(own.map(({ bloom }) => bloom)));
  const parents = yield* populationInSteps(
    journal,
    own,
    variety,
    [],
    (bloom) => purityOf(journal, garden, bloom, { isolationOf })?.grade,
  );
  return { ...(yield* seedStandsInSteps(journal, garden, own, isolationOf)), parents };
}

/** How the seed of a variety stands this season, and what would settle or better it; nothing before it has any fruit. */
export function SeedNow({ variety }: { readonly variety: Variety }) {
  const f = useFormat();
  const router = useRouter();
  const stands = useViewInSteps(seedNow, variety.variety);
  const grades = Object.keys(GRADES) as (keyof typeof GRADES)[];
  if (!stands || grades.every((grade) => stands.grades[grade] === 0)) return null;
  const said = grades.flatMap((grade) =>
    stands.grades[grade] > 0 ? [`${f.number(stands.grades[grade])} ${GRADES[grade].toLowerCase()}`] : [],
  );
  return (
    <View>
      <Text variant="heading" level={2}>
        Seed of this season
      </Text>
      <Text>{`Fruit that may give seed: ${said.join(', ')}.`}</Text>
      {stands.parents ? <Text>{sayMothers(variety, stands.parents, f)}</Text> : null}
      {stands.toSettle.map(({ code, fruits }) => {
        const to = settleHref(code, variety);
        return (
          <ListRow
            key={code}
            title={sayReason({ code, params: {} }, f)}
            note={`${f.count(fruits, 'fruit depends', 'fruits depend')} on it.`}
            {...(to && { onPress: () => router.push(to) })}
          />
        );
      })}
      {stands.toChange.map(({ code, fruits }) => (
        <ListRow
          key={code}
          title={sayReason({ code, params: {} }, f)}
          note={`It would have made ${f.count(fruits, 'fruit', 'fruits')} better.`}
        />
      ))}
    </View>
  );
}
