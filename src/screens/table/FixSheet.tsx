import { useState } from 'react';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import { purposeText, type ColumnUse } from '@/core/records/planColumns';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Field } from '@/ui/parts/Field';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { CropPicker } from '../garden/CropPicker';
import { KindRows } from '../garden/KindPicture';
import { PURPOSE_NAMES } from '../words/names';
import { optionsOf } from '../words/options';
import { sayFault, USE_NAMES, type FaultGroup } from '../words/sheet';

export interface FixSheetProps {
  /** Nothing while no cell is being put right. */
  readonly group: FaultGroup | undefined;
  /** Writes a text in the cells of some use. */
  readonly onWrite: (group: FaultGroup, use: ColumnUse, text: string) => void;
  readonly onLeaveOut: (group: FaultGroup) => void;
  readonly onClose: () => void;
}

/** One cell put right: what may have been meant on a tap, anything else typed, or its line left out. */
export function FixSheet({ group, onWrite, onLeaveOut, onClose }: FixSheetProps) {
  const f = useFormat();
  const words = group && sayFault(group, f);
  return (
    <Sheet title={words?.title ?? ''} open={group !== undefined} onClose={onClose} closeTitle="Close">
      {group && words ? (
        <View style={{ gap: SPACE.m }}>
          <Text>{words.note}</Text>
          <Answers group={group} onWrite={(use, text) => onWrite(group, use, text)} />
          <Button
            title={group.lines.length === 1 ? 'Leave this line out' : 'Leave these lines out'}
            onPress={() => onLeaveOut(group)}
          />
        </View>
      ) : null}
    </Sheet>
  );
}

interface AnswersProps {
  readonly group: FaultGroup;
  readonly onWrite: (use: ColumnUse, text: string) => void;
}

function Answers({ group: { fault }, onWrite }: AnswersProps) {
  const { why, column, crops, offers = [], found, variety } = fault;
  const writeKind = (crop: CropId | undefined): void => {
    if (crop) onWrite('kind', cropOf(crop).name);
  };
  if (why === 'ambiguousKind') return <KindRows crops={crops ?? []} onChoose={writeKind} />;
  if (column === 'kind' && (why === 'unknownKind' || why === 'missing'))
    return <CropPicker crop={undefined} onCrop={writeKind} written={found} />;
  if (why === 'otherKindBefore' || why === 'otherKindOnPlan')
    return (
      <Typed column="variety" found={variety} offers={offers} onWrite={(text) => onWrite('variety', text)} />
    );
  if (column === 'purpose')
    return (
      <Choice
        label="What for"
        options={optionsOf(PURPOSE_NAMES)}
        value={undefined}
        onChange={(purpose) => onWrite('purpose', purposeText(purpose))}
      />
    );
  return <Typed column={column} found={found} offers={offers} onWrite={(text) => onWrite(column, text)} />;
}

interface TypedProps {
  readonly column: ColumnUse;
  readonly found: string;
  readonly offers: readonly string[];
  readonly onWrite: (text: string) => void;
}

function Typed({ column, found, offers, onWrite }: TypedProps) {
  const [text, setText] = useState(found);
  return (
    <View style={{ gap: SPACE.m }}>
      {offers.length > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
          {offers.map((offer) => (
            <Button key={offer} title={offer} onPress={() => onWrite(offer)} />
          ))}
        </View>
      ) : null}
      <Field label={USE_NAMES[column]} value={text} onChange={setText} autoCapitalize="none" />
      <Button variant="main" title="Save" onPress={() => onWrite(text)} />
    </View>
  );
}
