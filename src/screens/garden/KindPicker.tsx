import { useState } from 'react';
import { View } from 'react-native';
import { CROP_IDS, cropOf, type CropId } from '@/core/crops/catalogue';
import { MARKS } from '@/core/crossing/tell';
import { Action } from '@/ui/parts/Action';
import { Choice } from '@/ui/parts/Choice';
import { Field } from '@/ui/parts/Field';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { findKinds, type FoundKind } from './kindSearch';

export interface KindPickerProps {
  readonly crop: CropId | undefined;
  readonly onCrop: (crop: CropId | undefined) => void;
  readonly error?: string;
  /** Crops to choose from without a search. */
  readonly offered?: readonly CropId[];
}

const marksOf = (crop: CropId): string => {
  const { stalk, seed, leaf, other } = MARKS[crop] ?? {};
  return [
    stalk && `Stalk: ${stalk}.`,
    seed && `Seed: ${seed}.`,
    leaf && `Leaf: ${leaf}.`,
    other && `${other}.`,
  ]
    .filter(Boolean)
    .join(' ');
};

/** Leads from what growers call a plant to its species; where the name does not tell, the plant is asked about. */
export function KindPicker({ crop, onCrop, error, offered = NONE }: KindPickerProps) {
  const [typed, setTyped] = useState('');
  const [kind, setKind] = useState<FoundKind>();
  const [all, setAll] = useState(false);
  const choices = all ? CROP_IDS : offered;
  if (crop) return <Chosen crop={crop} onChange={() => onCrop(undefined)} />;
  const choose = (found: FoundKind): void => {
    if (found.crops.length === 1) onCrop(found.crops[0]);
    else setKind(found);
  };
  const found = findKinds(typed);
  return (
    <View style={{ gap: SPACE.m }}>
      <Field
        label="What is it called?"
        value={typed}
        onChange={(text) => {
          setTyped(text);
          setKind(undefined);
        }}
        note="zucchini, butternut, popcorn, lima bean …"
        error={error}
        autoCapitalize="none"
      />
      {kind ? (
        <Choice<CropId>
          label={`${kind.name}: the name does not tell. Which is it?`}
          options={kind.crops.map((id) => ({
            value: id,
            title: `${cropOf(id).name}, ${cropOf(id).species}`,
            note: marksOf(id),
          }))}
          value={undefined}
          onChange={onCrop}
        />
      ) : (
        <View>
          {found.map((each) => (
            <Line
              key={each.name}
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
            <Words tone="soft" live>
              No kind is known by that name. Choose the crop itself.
            </Words>
          ) : null}
        </View>
      )}
      {choices.length > 0 ? (
        <Choice<CropId>
          label={all ? 'All crops' : 'Or one of these'}
          options={choices.map((id) => ({
            value: id,
            title: cropOf(id).name,
            note: `${cropOf(id).species}: ${cropOf(id).kinds}`,
          }))}
          value={undefined}
          onChange={onCrop}
        />
      ) : null}
      {all ? null : <Action title="Choose from all crops" onPress={() => setAll(true)} />}
    </View>
  );
}

const NONE: readonly CropId[] = [];

function Chosen({ crop, onChange }: { readonly crop: CropId; readonly onChange: () => void }) {
  const { name, species, kinds } = cropOf(crop);
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
      <View style={{ flex: 1 }}>
        <Words kind="strong" live>{`${name}: ${species}`}</Words>
        <Words kind="small" tone="soft">{`With ${kinds}. Within the species all varieties cross.`}</Words>
      </View>
      <Action title="Another" label="Choose another crop" onPress={onChange} />
    </View>
  );
}
