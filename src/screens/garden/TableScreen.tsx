import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { lastPlaces } from '@/core/garden/places';
import { planFacts } from '@/core/records/planFacts';
import { PLAN_COLUMNS, planRows } from '@/core/records/planRows';
import { readPlanTable, type PlanDraft, type ReadPlan } from '@/core/records/planTable';
import { newId } from '@/data/clock';
import { download } from '@/data/files/download';
import { pickFile } from '@/data/files/pick';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Field } from '@/ui/parts/Field';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { PURPOSE_NAMES } from '../words/names';
import { sayFault, sayMissingColumns } from '../words/planFaults';
import { GardenTabs } from './GardenTabs';
import { usePlan } from './usePlan';

const EXAMPLE = `bed,row,variety,kind,plants,purpose,sown
A,1,Marsh Button,pattypan,6,seed to keep,2026-05-12
A,2,Ember Loaf,zucchini,4,eat,2026-05-12`;

/** Larger files are no plans: they are not even read. */
const MOST_BYTES = 8_000_000;

/** Faults shown at once. */
const MOST_FAULTS = 40;

/** The plan from a spreadsheet and back: pasted or chosen, checked first, imported whole or not at all. */
export function TableScreen() {
  const router = useRouter();
  const record = useRecord();
  const f = useFormat();
  const view = usePlan();
  const { journal } = useGarden().store;
  const [text, setText] = useState('');
  const [read, setRead] = useState<ReadPlan | 'tooLong'>();
  const check = async (typed: string): Promise<void> => {
    const { decodeTable } = await import('@/data/files/csv');
    const table = decodeTable(typed);
    const held = {
      beds: [...journal.all('bed').values()],
      varieties: [...journal.all('variety').values()],
      lastPlaces: lastPlaces(journal.all('plant').values()),
    };
    setRead(table ? readPlanTable(table, held) : 'tooLong');
  };
  const choose = async (): Promise<void> => {
    const file = await pickFile('.csv,.tsv,.txt,text/csv');
    if (!file) return;
    if (file.size > MOST_BYTES) {
      setRead('tooLong');
      return;
    }
    const chosen = await file.text();
    setText(chosen);
    await check(chosen);
  };
  const exportPlan = async (): Promise<void> => {
    if (!view) return;
    const { encodeTable } = await import('@/data/files/csv');
    const rows = planRows(view.beds, view.plants, journal.all('variety'));
    download(
      `${view.name.replace(/[^\p{L}\p{N}]+/gu, '-')}-plan.csv`,
      encodeTable(PLAN_COLUMNS, rows),
      'text/csv',
    );
  };
  const draft = read !== undefined && read !== 'tooLong' && read.ok ? read.draft : undefined;
  return (
    <Page
      title="The plan as a table"
      foot={
        draft ? (
          <Button
            variant="main"
            size="big"
            title={`Import ${f.count(plantsIn(draft), 'plant', 'plants')}`}
            onPress={() => {
              // Refused, the table stays here to be put right.
              record(planFacts(draft, lastPlaces(journal.all('plant').values()), newId), () =>
                router.replace('/garden'),
              );
            }}
          />
        ) : undefined
      }
    >
      <GardenTabs here="/garden/table" />
      <View style={{ gap: SPACE.m }}>
        <Text>
          Paste rows from a spreadsheet, or choose a CSV file. The first line names the columns: bed, variety
          and plants are needed; row, kind, purpose, seed, sown, planted_out, spacing and the position of the
          bed are optional. Lengths are in metres.
        </Text>
        <Field
          label="Table"
          value={text}
          onChange={(next) => {
            setText(next);
            setRead(undefined);
          }}
          autoCapitalize="none"
          lines={8}
        />
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
          <Button variant="main" title="Check" onPress={() => void check(text)} />
          <Button title="Choose a file" onPress={() => void choose()} />
          <Button title="Show an example" onPress={() => setText(EXAMPLE)} />
          <Button title="Export this plan as a table" onPress={() => void exportPlan()} />
        </View>
        {read === 'tooLong' ? <Text tone="rust">This is too long for a plan.</Text> : null}
        {read && read !== 'tooLong' && !read.ok ? <Faults read={read} /> : null}
        {draft ? <Preview draft={draft} /> : null}
      </View>
    </Page>
  );
}

function Faults({ read }: { readonly read: Extract<ReadPlan, { ok: false }> }) {
  const f = useFormat();
  if (read.missing.length > 0)
    return (
      <Text tone="rust" live>
        {sayMissingColumns(read.missing)}
      </Text>
    );
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text variant="strong" tone="rust" live>
        {`Nothing was imported: ${f.count(read.faults.length, 'cell needs', 'cells need')} correcting.`}
      </Text>
      {read.faults.slice(0, MOST_FAULTS).map((fault) => (
        <Text key={`${fault.line} ${fault.column} ${fault.why}`}>{sayFault(fault)}</Text>
      ))}
      {read.faults.length > MOST_FAULTS ? (
        <Text tone="soft">{`And ${f.number(read.faults.length - MOST_FAULTS)} more.`}</Text>
      ) : null}
    </View>
  );
}

const plantsIn = ({ rows }: PlanDraft): number => rows.reduce((sum, { plants }) => sum + plants, 0);

function Preview({ draft }: { readonly draft: PlanDraft }) {
  const f = useFormat();
  return (
    <View>
      <Text variant="strong" live>
        {`${f.count(draft.beds.length, 'bed', 'beds')}, ${f.count(draft.varieties.length, 'variety', 'varieties')}, ${f.count(plantsIn(draft), 'plant', 'plants')}. Nothing has been imported yet.`}
      </Text>
      {draft.varieties.map((variety, i) => {
        const own = draft.rows.filter((row) => row.variety === i);
        const beds = [...new Set(own.map(({ bed }) => draft.beds[bed]!.name))].join(', ');
        return (
          <ListRow
            key={variety.name}
            title={variety.name}
            note={`${cropOf(variety.crop).name}, ${cropOf(variety.crop).species}. ${PURPOSE_NAMES[variety.purpose]}. Bed ${beds}.${variety.held ? ' Already on the plan.' : ''}`}
            end={f.number(own.reduce((sum, { plants }) => sum + plants, 0))}
          />
        );
      })}
    </View>
  );
}
