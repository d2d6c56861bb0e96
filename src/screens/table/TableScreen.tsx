import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { lastPlaces } from '@/core/garden/places';
import { planFacts } from '@/core/records/planFacts';
import { newId } from '@/data/clock';
import { saveExport } from '@/data/files/exports';
import { pickFile } from '@/data/files/pick';
import { useGarden } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Field } from '@/ui/parts/Field';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { GardenTabs } from '../garden/GardenTabs';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { EXPORT_NAMES } from '../words/exports';
import { ColumnList } from './ColumnList';
import { FaultList } from './FaultList';
import { LazySheetGrid } from './lazyGrids';
import { LineList } from './LineList';
import { Assumptions, PlanPreview, plantsIn } from './PlanPreview';
import { DateQuestion, DefaultQuestions } from './SheetQuestions';
import { usePlanEditing } from './usePlanEditing';
import { useSheet, type SheetTrouble, type SheetWork } from './useSheet';

/** A grower's spreadsheet on its way to the plan, and the plan as a table. Imported whole or not at all. */
export function TableScreen() {
  const router = useRouter();
  const record = useRecord();
  const f = useFormat();
  const wide = useWide();
  const work = useSheet();
  const editing = usePlanEditing();
  const { journal } = useGarden().store;
  const { sheet, read, busy } = work;
  const draft = !busy && read?.ok ? read.draft : undefined;
  const plants = draft ? plantsIn(draft) : 0;
  return (
    <Page
      title="Your list, on the plan"
      aside={
        wide && sheet ? (
          <LazySheetGrid
            sheet={sheet}
            faults={read && !read.ok ? read.faults : []}
            onChange={work.change}
            {...(work.undo && { onUndo: work.undo })}
          />
        ) : wide ? (
          editing?.grid
        ) : null
      }
      foot={
        draft && plants > 0 && !work.unsaved ? (
          <Button
            variant="main"
            size="big"
            title={`Import ${f.count(plants, 'plant', 'plants')}`}
            onPress={() => {
              const facts = planFacts(draft, lastPlaces(journal.all('plant').values()), newId);
              let isLate = false;
              const shown = eitherWay(() => router.replace('/garden'));
              record(facts, {
                saved: () => {
                  if (!isLate) work.finish();
                  shown.saved();
                },
                unsaved: () => {
                  isLate = true;
                  work.finishOnceSaved(facts);
                  shown.unsaved();
                },
              });
            }}
          />
        ) : wide && !sheet ? (
          editing?.foot
        ) : undefined
      }
    >
      <GardenTabs here="/garden/table" />
      {work.unsaved ? (
        <Text tone="rust" live>
          These plants are on the plan, and the device has not taken them yet. The list stays here until it
          has.
        </Text>
      ) : null}
      {sheet ? (
        <Settling work={work} wide={wide} />
      ) : (
        <View style={{ gap: SPACE.l }}>
          {wide && editing ? (
            <>
              {editing.told}
              <Text variant="heading" level={2}>
                A list to add to it
              </Text>
            </>
          ) : null}
          <Opening work={work} wide={wide} />
        </View>
      )}
    </Page>
  );
}

const EXAMPLE = `Bed\tWhat\tVariety\tHow many\tSown\tNotes
Top bed\tSquash, pattypan\tMarsh Button\ttwo dozen\t12 May\tseed from the swap table
\tZucchini\tEmber Loaf\t4\t12 May\t
Glasshouse\tCherry tomatoes\tWren Bead\t2 rows of 6\t1 April\tstring up`;

/** Lines of a table that is typed in. */
const EMPTY_LINES = 20;
const EMPTY_COLUMNS = ['Bed', 'Row', 'Variety', 'Kind', 'Plants', 'Sown'];
const EMPTY_GRID = [EMPTY_COLUMNS, ...Array.from({ length: EMPTY_LINES }, () => EMPTY_COLUMNS.map(() => ''))];

/** Nothing is here yet: a file, pasted rows, or an example of what can be read. */
function Opening({ work, wide }: { readonly work: SheetWork; readonly wide: boolean }) {
  const [text, setText] = useState('');
  const choose = async (): Promise<void> => {
    const file = await pickFile('.xlsx,.csv,.tsv,.txt,text/csv');
    if (file) await work.openFile(file);
  };
  return (
    <View style={{ gap: SPACE.m }}>
      <Text>
        A list of what you grow, as you have it: a spreadsheet file, or rows pasted from one. What its columns
        hold is found out; whatever is not clear is asked before anything is imported.
      </Text>
      <Button
        variant="main"
        size="big"
        title="Choose a file"
        busy={work.busy}
        onPress={() => void choose()}
      />
      <Field label="Or paste rows here" value={text} onChange={setText} autoCapitalize="none" lines={6} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button
          title="Read the rows"
          disabled={text.trim() === ''}
          onPress={() => void work.openText(text)}
        />
        <Button title="Show an example" onPress={() => setText(EXAMPLE)} />
        {wide ? <Button title="Type it in here" onPress={() => void work.openRows(EMPTY_GRID)} /> : null}
      </View>
      <Trouble trouble={work.trouble} />
      <ExportPlan />
    </View>
  );
}

const TROUBLE = {
  tooLong: 'This is too long for a plan: 5,000 lines at most.',
  noTable: 'No table was found in it. A spreadsheet file (.xlsx), a CSV file or pasted rows can be read.',
} as const;

const Trouble = ({ trouble }: { readonly trouble: SheetTrouble | undefined }) =>
  trouble ? (
    <Text tone="rust" live>
      {'why' in trouble ? TROUBLE[trouble.why] : `${trouble.said} Nothing was imported.`}
    </Text>
  ) : null;

/** What was read, and what is still to be settled. */
function Settling({ work, wide }: { readonly work: SheetWork; readonly wide: boolean }) {
  const f = useFormat();
  const { sheet, tables, read, busy } = work;
  if (!sheet) return null;
  const faults = read && !read.ok ? read.faults : [];
  const unnamed = read !== undefined && !read.ok && read.missing.length > 0;
  return (
    <View style={{ gap: SPACE.l }}>
      {tables.length > 1 ? (
        <Choice
          row
          label="Which sheet of the file?"
          options={tables.map(({ name }) => ({ value: name, title: name }))}
          value={work.chosen}
          onChange={(name) => void work.chooseTable(tables.find((each) => each.name === name)!)}
        />
      ) : null}
      <Trouble trouble={work.trouble} />
      {unnamed ? (
        <Text tone="rust" live>
          Which column says what grows: its variety, or its kind? Choose it below.
        </Text>
      ) : null}
      {read ? (
        <>
          <DateQuestion sheet={sheet} faults={faults} onChange={work.change} />
          <FaultList sheet={sheet} faults={faults} reading={busy} onChange={work.change} />
          {read.ok ? <PlanPreview draft={read.draft} /> : null}
          <Assumptions assumed={read.assumed} />
          <DefaultQuestions sheet={sheet} assumed={read.assumed} onChange={work.change} />
        </>
      ) : null}
      {busy ? <Text live>Reading the table…</Text> : null}
      {sheet.left.length > 0 ? (
        <Text variant="small" tone="soft">
          {`${f.count(sheet.left.length, 'line is', 'lines are')} left out. They stay here after the import.`}
        </Text>
      ) : null}
      <ColumnList table={sheet} onAssign={work.assign} />
      {wide ? null : <LineList table={sheet} onChange={work.change} />}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {work.undo ? <Button title="Undo" label="Undo the last change" onPress={work.undo} /> : null}
        <Button title="Another table" onPress={work.discard} />
      </View>
      <ExportPlan />
    </View>
  );
}

/** The plan that is here, as a table of the same kind. */
function ExportPlan() {
  const { store } = useGarden();
  const garden = store.described;
  if (!garden || store.journal.all('plant').size === 0) return null;
  return (
    <Button title={EXPORT_NAMES.plan.action} onPress={() => void saveExport('plan', { store, garden })} />
  );
}
