import { useState } from 'react';
import { View } from 'react-native';
import { LABEL_FORMS, type LabelForm } from '@/core/paper/labelForm';
import { PAPERS } from '@/core/paper/page';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { optionsOf } from '../words/options';
import { FORM_NAMES, PAPER_NAMES, sayForm } from './paperWords';
import { usePaper } from './usePaper';

interface LabelChoiceProps {
  /** Labels of the first sheet that are used up. */
  readonly skipped: number;
  readonly onSkip: (labels: number) => void;
}

/** Which labels the printer is fed with, and where on a used sheet it begins. */
export function LabelChoice({ skipped, onSkip }: LabelChoiceProps) {
  const f = useFormat();
  const { chosen, form, own, set } = usePaper();
  const [editing, setEditing] = useState(false);
  return (
    <View style={{ gap: SPACE.s }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <ChooseOne
          name="Labels"
          sheet="Which labels"
          value={chosen}
          options={[
            ...FORM_NAMES.map((value) => ({ value, title: sayForm(LABEL_FORMS[value], f) })),
            ...(own ? [{ value: 'own' as const, title: `Your own: ${sayForm(own, f)}` }] : []),
          ]}
          onChange={(labels) => set({ labels })}
        />
        <Button title={own ? 'Change your own size' : 'Another size'} onPress={() => setEditing(true)} />
      </View>
      <Text variant="small" tone="soft">
        Print a first sheet on plain paper, and hold it against the labels.
      </Text>
      <Stepper
        label="Used up on the first sheet"
        value={skipped}
        onChange={onSkip}
        most={form.columns * form.rows - 1}
        lessLabel="One label less is used up"
        moreLabel="One label more is used up"
      />
      <Sheet
        title="Labels of another size"
        open={editing}
        onClose={() => setEditing(false)}
        closeTitle="Cancel"
      >
        {editing ? (
          <OwnLabels
            held={own ?? form}
            onSave={(ownLabels) => {
              set({ ownLabels, labels: 'own' });
              onSkip(0);
              setEditing(false);
            }}
          />
        ) : null}
      </Sheet>
    </View>
  );
}

const MEASURES = ['columns', 'rows', 'left', 'top', 'width', 'height', 'gapAcross', 'gapDown'] as const;
type Measure = (typeof MEASURES)[number];
type Typed = Record<Measure, string> & { paper: LabelForm['paper']; cut: 'yes' | 'no' };
type Checked = Record<Measure, number> & { paper: LabelForm['paper']; cut: 'yes' | 'no' };

const CUT = { no: 'Labels, cut already', yes: 'Plain paper, to cut' } as const;

function OwnLabels({
  held,
  onSave,
}: {
  readonly held: LabelForm;
  readonly onSave: (form: LabelForm) => void;
}) {
  const f = useFormat();
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('labels', {
    ...(Object.fromEntries(MEASURES.map((each) => [each, String(held[each])])) as Record<Measure, string>),
    paper: held.paper,
    cut: held.cut ? 'yes' : 'no',
  });
  const save = handleSubmit(({ cut, ...form }) => onSave({ ...form, cut: cut === 'yes' }));
  const field = (name: Measure, label: string) => (
    <View style={{ flex: 1 }}>
      <FormField control={control} name={name} label={label} numeric />
    </View>
  );
  const pair = { flexDirection: 'row', gap: SPACE.m } as const;
  return (
    <View style={{ gap: SPACE.m }}>
      <Text tone="soft">
        {`Take a ruler to a sheet, or read its packet. A4 is ${f.number(PAPERS.a4.width)} × ${f.number(PAPERS.a4.height)} mm, Letter ${f.number(PAPERS.letter.width, 1)} × ${f.number(PAPERS.letter.height, 1)}.`}
      </Text>
      <FormChoice control={control} name="paper" label="Paper" row options={optionsOf(PAPER_NAMES)} />
      <View style={pair}>
        {field('columns', 'Labels across')}
        {field('rows', 'Labels down')}
      </View>
      <View style={pair}>
        {field('width', 'Width of one (mm)')}
        {field('height', 'Height of one (mm)')}
      </View>
      <View style={pair}>
        {field('left', 'Left edge to the first (mm)')}
        {field('top', 'Top edge to the first (mm)')}
      </View>
      <View style={pair}>
        {field('gapAcross', 'Gap across (mm)')}
        {field('gapDown', 'Gap down (mm)')}
      </View>
      <FormChoice control={control} name="cut" label="What is it printed on?" options={optionsOf(CUT)} />
      <Button variant="main" size="big" title="Save" onPress={() => void save()} />
    </View>
  );
}
