import { useState } from 'react';
import { View } from 'react-native';
import { generationsAhead, type SeasonAhead } from '@/core/seed/generationsAhead';
import type { Family, Inheritance } from '@/core/seed/segregation';
import { useView } from '@/data/hooks/useView';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { wholeNumber, WholeNumberField } from '../shell/WholeNumberField';
import { lowerFirst } from '../words/lowerFirst';

interface GenerationsAheadProps {
  readonly inheritance: Inheritance;
  readonly family: Family;
  readonly kinds: readonly { readonly name: string; readonly i: number; readonly share: number }[];
  readonly chance: number;
}

const TEN = 10;

/** A cross as a plan of seasons: plants, pollinations, and the bed they take. */
export function GenerationsAhead({ inheritance, family, kinds, chance }: GenerationsAheadProps) {
  const f = useFormat();
  const [kind, setKind] = useState(String(kinds.at(-1)!.i));
  const [typed, setTyped] = useState('5');
  const every = useView('spacing', [], ({ store: { journal } }) =>
    middle([...journal.all('bed').values()].flatMap((bed) => bed.every ?? [])),
  );
  const set = wholeNumber(typed, TEN) || undefined;
  const { share } = kinds.find(({ i }) => String(i) === kind)!;
  const plan =
    set && generationsAhead({ inheritance, family, kind: Number(kind), share, set: set / TEN, chance });
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Season by season
      </Text>
      <ChooseOne
        name="Wanted"
        sheet="Which kind do you want?"
        value={kind}
        options={kinds.map(({ name: title, i }) => ({ value: String(i), title, short: lowerFirst(title) }))}
        onChange={setKind}
      />
      <WholeNumberField
        label="Of ten pollinations so many set"
        most={TEN}
        value={typed}
        onChange={setTyped}
      />
      {plan ? (
        <>
          {plan.seasons.map((season) => (
            <ListRow
              key={season.grows}
              title={titleOf(season.grows, family)}
              note={`${f.count(season.plants, 'plant', 'plants')}${every ? `, ${f.length(season.plants * every)} of bed` : ''}. ${sayWork(season, plan, family, f)}`}
            />
          ))}
          <Text variant="small" tone="soft">
            {`Each step then succeeds with ${f.percent(chance)} chance. ${plan.shareTrue === 0 ? 'No plant of that kind breeds true: its offspring come apart again, in each generation.' : ''}`}
          </Text>
        </>
      ) : null}
    </View>
  );
}

const middle = (values: readonly number[]): number | undefined =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];

const TITLES: Readonly<Record<Exclude<SeasonAhead['grows'], 'family'>, string>> = {
  parents: 'First season: both parents',
  f1: 'Second: the F1',
  offspring: 'Fourth: their offspring',
};

const titleOf = (grows: SeasonAhead['grows'], family: Family): string =>
  grows === 'family' ? `Third: the ${family === 'f2' ? 'F2' : 'backcross'}` : TITLES[grows];

/** What is done in a season, and how often. */
function sayWork(
  { grows, pollinations }: SeasonAhead,
  { chosen, ofEach }: { readonly chosen: number; readonly ofEach: number },
  family: Family,
  f: Format,
): string {
  const times = f.count(pollinations, 'pollination', 'pollinations');
  switch (grows) {
    case 'parents':
      return `Cross them: ${times}, for one fruit.`;
    case 'f1':
      return family === 'f2'
        ? `Its own pollen: ${times}, for one fruit.`
        : `Pollen of that parent: ${times}, for one fruit.`;
    case 'family':
      return chosen === 1
        ? `Choose one of the kind; its own pollen: ${times}.`
        : `Choose ${f.number(chosen)} of the kind, since not all breed true; own pollen on each: ${times} in all. Keep the seed of each apart.`;
    case 'offspring':
      return ofEach === 0
        ? `All are of the kind, and stay so: ${times} to go on with.`
        : `${f.count(ofEach, 'plant', 'plants')} of each that was chosen: whose are all alike breeds true. Go on with that one: ${times}.`;
  }
}
