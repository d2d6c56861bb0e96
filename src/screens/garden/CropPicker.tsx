import { useState } from 'react';
import { View } from 'react-native';
import { CROP_IDS, cropOf, type CropId } from '@/core/crops/catalogue';
import { findCommonName } from '@/core/crops/names/commonNames';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Field } from '@/ui/parts/Field';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { KindPicture, KindRows } from './KindPicture';
import { findNames, type FoundName } from './nameSearch';

export interface CropPickerProps {
  readonly crop: CropId | undefined;
  readonly onCrop: (crop: CropId | undefined) => void;
  readonly error?: string;
  /** Crops to choose from without a search. */
  readonly offered?: readonly CropId[];
  /** What was written somewhere else, to begin with. */
  readonly written?: string;
}

/** Leads from the name growers use to the species; where the name is ambiguous, it asks about the plant itself. */
export function CropPicker({ crop, onCrop, error, offered = NONE, written = '' }: CropPickerProps) {
  const [typed, setTyped] = useState(written);
  const [ambiguous, setAmbiguous] = useState<FoundName>();
  const [all, setAll] = useState(false);
  // An exact name is taken as it is typed; who goes on typing has not chosen.
  const [taken, setTaken] = useState<CropId>();
  const choices = all ? CROP_IDS : offered;
  if (crop && crop !== taken) return <Chosen crop={crop} onChange={() => onCrop(undefined)} />;
  const choose = (found: FoundName): void => {
    setTaken(undefined);
    if (found.crops.length === 1) onCrop(found.crops[0]);
    else setAmbiguous(found);
  };
  const found = findNames(typed);
  return (
    <View style={{ gap: SPACE.m }}>
      <Field
        label="What is it called?"
        value={typed}
        onChange={(text) => {
          const exact = findCommonName(text)?.crops ?? [];
          const next = exact.length === 1 ? exact[0] : undefined;
          setTyped(text);
          setAmbiguous(undefined);
          setTaken(next);
          if (next !== crop) onCrop(next);
        }}
        note="zucchini, butternut, popcorn, lima bean …"
        error={error}
        autoCapitalize="none"
      />
      {ambiguous ? (
        <View>
          <Text variant="strong" live>{`${ambiguous.name} can be several species. Which is it?`}</Text>
          <KindRows crops={ambiguous.crops} onChoose={onCrop} />
        </View>
      ) : (
        <View>
          {found.map((each) => (
            <ListRow
              key={each.name}
              selected={taken !== undefined && each.crops.length === 1 && each.crops[0] === taken}
              glyph={<KindPicture crop={each.crops[0]!} />}
              title={each.name}
              note={
                each.crops.length === 1
                  ? cropOf(each.crops[0]!).species
                  : `may be ${each.crops.map((id) => cropOf(id).species).join(', ')}`
              }
              onPress={() => choose(each)}
            />
          ))}
          {typed.trim().length > 1 && found.length === 0 ? (
            <Text tone="soft" live>
              No crop is known by that name. Choose it from the list.
            </Text>
          ) : null}
        </View>
      )}
      {choices.length > 0 ? (
        <Choice<CropId>
          label={all ? 'All crops' : 'Or one of these'}
          options={choices.map((id) => ({
            value: id,
            title: cropOf(id).name,
            note: `${cropOf(id).species}: ${cropOf(id).types}`,
          }))}
          value={undefined}
          onChange={onCrop}
        />
      ) : null}
      {all ? null : <Button title="Choose from all crops" onPress={() => setAll(true)} />}
    </View>
  );
}

const NONE: readonly CropId[] = [];

function Chosen({ crop, onChange }: { readonly crop: CropId; readonly onChange: () => void }) {
  const { name, species, types } = cropOf(crop);
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
      <View style={{ flex: 1 }}>
        <Text variant="strong" live>{`${name}: ${species}`}</Text>
        <Text variant="small" tone="soft">{`With ${types}. Within the species all varieties cross.`}</Text>
      </View>
      <Button title="Change" label="Change the crop" onPress={onChange} />
    </View>
  );
}
