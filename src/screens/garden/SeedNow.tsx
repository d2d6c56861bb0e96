import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { fruitsOf } from '@/core/fruit/fruits';
import type { Variety } from '@/core/journal/state';
import { daysOf, isolationInSteps } from '@/core/planning/isolationOf';
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
import { useFormat } from '../format/useFormat';
import { sayMothersWanted } from '../words/mothers';
import { GRADES } from '../words/names';
import { sayReason } from '../words/reasons/morning';

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
    {},
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
      {stands.parents ? (
        <Text>
          {[
            `It comes of ${f.count(stands.parents.mothers, 'mother', 'mothers')} and ${f.count(stands.parents.fathers, 'father', 'fathers')}.`,
            sayMothersWanted(variety, stands.parents.mothers, f) ?? [],
          ]
            .flat()
            .join(' ')}
        </Text>
      ) : null}
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
      <ListRow
        title="Mothers for seed"
        note="Its plants compared, and whether they are enough"
        onPress={() => router.push({ pathname: '/seed/mothers', params: { variety: variety.variety } })}
      />
    </View>
  );
}
