import { useState } from 'react';
import { View } from 'react-native';
import { SELECTIONS, type Selection } from '@/core/journal/kinds/plan';
import { LONGEST } from '@/core/journal/limits';
import type { Plant } from '@/core/journal/state';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Field } from '@/ui/parts/Field';
import { SPACE } from '@/ui/theme';
import { SELECTION_NAMES } from '../words/names';

/** What the grower makes of a plant as a parent of what comes after, and why. */
export function AsParent({ plant: { plant, selected } }: { readonly plant: Plant }) {
  const record = useRecord();
  const said = selected?.note ?? '';
  const [note, setNote] = useState(said);
  const choice = selected?.choice ?? 'unsure';
  const say = (chosen: Selection): void => {
    const text = note.trim().slice(0, LONGEST.note);
    record([{ kind: 'plant.selected', body: { plant, choice: chosen, ...(text !== '' && { note: text }) } }]);
  };
  return (
    <View style={{ gap: SPACE.s, marginBottom: SPACE.m }}>
      <Choice<Selection>
        label="As a parent of the next generation"
        row
        value={choice}
        options={SELECTIONS.map((value) => ({ value, title: SELECTION_NAMES[value] }))}
        onChange={say}
      />
      <Field
        label="Why"
        note="Early, thick flesh, held up in rain: it stands at the plant where mothers are chosen."
        value={note}
        lines={2}
        onChange={setNote}
      />
      {note.trim() === said ? null : (
        <Button title="Save the note" onPress={() => say(choice)} style={{ alignSelf: 'flex-start' }} />
      )}
    </View>
  );
}
