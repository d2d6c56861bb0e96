import { useState } from 'react';
import { View } from 'react-native';
import type { Journal } from '@/core/journal/journal';
import type { TieMeaning } from '@/core/journal/kinds/tie';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { tiesOf, type Tie } from '@/core/today/ties';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Swatch } from '@/ui/glyphs/Swatch';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { UndoFoot } from '../shell/ProgressHead';
import { Page } from '../shell/Page';
import { TIE_NAMES } from '../words/names';

/** What each colour of twine or ribbon on a stalk means here. */
export function TiesScreen() {
  const f = useFormat();
  const { journal } = useStore();
  const [changing, setChanging] = useState<Tie>();
  const view = useView('ties', [], ({ store, garden, now }) => ({
    ties: tiesOf(store.journal),
    today: dayAt(now, garden.zone),
  }));
  if (!view) return null;
  return (
    <Page
      title="Colours of ties"
      foot={<UndoFoot work="ties" back={{ title: 'Back to More', to: '/more' }} />}
    >
      <Text tone="soft" style={{ marginBottom: SPACE.m }}>
        Bright twine or ribbon on the stalk shows from afar what was done. Say what each colour means in your
        garden: the stops then name the colour to tie.
      </Text>
      {view.ties.map((tie) => (
        <ListRow
          key={tie.colour}
          glyph={<Swatch colour={tie.colour} />}
          title={TIE_NAMES[tie.colour]}
          note={sayMeaning(journal, tie.means, f)}
          onPress={() => setChanging(tie)}
        />
      ))}
      <Sheet
        title={changing ? `${TIE_NAMES[changing.colour]} means` : ''}
        open={changing !== undefined}
        onClose={() => setChanging(undefined)}
        closeTitle="Close"
      >
        {changing ? (
          <MeaningChoice tie={changing} today={view.today} onDone={() => setChanging(undefined)} />
        ) : null}
      </Sheet>
    </Page>
  );
}

function sayMeaning(journal: Journal, means: TieMeaning | undefined, f: Format): string {
  const name = (variety: string | undefined): string =>
    journal.all('variety').get(variety ?? '')?.name ?? 'a variety that is no longer on the plan';
  switch (means?.of) {
    case 'variety':
      return name(means.id);
    case 'cross': {
      const mating = journal.all('mating').get(means.id);
      return `The cross ${name(mating?.mother)} × ${name(mating?.father)}`;
    }
    case 'day':
      return `Pollinated on ${f.day(means.day)}`;
    case 'words':
      return means.text;
    case undefined:
      return 'Nothing yet';
  }
}

interface MeaningChoiceProps {
  readonly tie: Tie;
  readonly today: Day;
  readonly onDone: () => void;
}

/** All that a colour can mean, as one choice; anything else is typed. */
function MeaningChoice({ tie: { colour, means }, today, onDone }: MeaningChoiceProps) {
  const f = useFormat();
  const record = useRecord();
  const { journal } = useStore();
  const set = (meaning: TieMeaning | undefined): void => {
    record([{ kind: 'tie.set', body: { colour, ...(meaning && { means: meaning }) } }]);
    onDone();
  };
  const crosses = [...journal.all('mating').values()].filter(({ mother, father }) => mother !== father);
  const meanings: readonly (TieMeaning | undefined)[] = [
    undefined,
    { of: 'day', day: today },
    ...crosses.map(({ mating }) => ({ of: 'cross', id: mating }) as const),
    ...[...journal.all('variety').values()]
      .sort((a, b) => a.name.localeCompare(b.name, 'en'))
      .map(({ variety }) => ({ of: 'variety', id: variety }) as const),
  ];
  const key = (meaning: TieMeaning | undefined): string => JSON.stringify(meaning ?? null);
  const { control, handleSubmit } = useCheckedForm<{ text: string }, { text: string }>('tie', {
    text: means?.of === 'words' ? means.text : '',
  });
  const save = handleSubmit(({ text }) => set({ of: 'words', text }));
  return (
    <View style={{ gap: SPACE.m }}>
      <FormField control={control} name="text" label="In your own words" />
      <Button title="Save these words" onPress={() => void save()} />
      <Choice
        label="Or one of these"
        value={key(means)}
        options={meanings.map((meaning) => ({
          value: key(meaning),
          title: sayMeaning(journal, meaning, f),
        }))}
        onChange={(chosen) => set(meanings.find((meaning) => key(meaning) === chosen))}
      />
    </View>
  );
}
