import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { Fact } from '@/core/journal/entry';
import type { Journal } from '@/core/journal/journal';
import { planRows } from '@/core/records/planRows';
import { readPlanTable, type PlanDraft, type ReadPlan } from '@/core/records/planTable';
import { newId } from '@/data/clock';
import { download } from '@/data/files/download';
import { pickFile } from '@/data/files/pick';
import { useGarden, useRecord } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Field } from '@/ui/parts/Field';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { Page } from '../shell/Page';
import { PURPOSES } from '../words/names';
import { faultInWords, missingColumns } from '../words/planFaults';
import { GardenTabs } from './GardenTabs';
import { usePlan } from './usePlan';

const EXAMPLE = `bed,row,variety,kind,plants,purpose,sown
A,1,Marsh Button,pattypan,6,seed to keep,2026-05-12
A,2,Ember Loaf,zucchini,4,eat,2026-05-12`;

/** Faults shown at once. */
const MOST_FAULTS = 40;

/** The plan from a spreadsheet and back: pasted or chosen, looked through first, taken in whole or not at all. */
export function TableScreen() {
  const router = useRouter();
  const record = useRecord();
  const f = useFormat();
  const view = usePlan();
  const { journal } = useGarden().store;
  const [text, setText] = useState('');
  const [read, setRead] = useState<ReadPlan | 'tooLong'>();
  const look = async (typed: string): Promise<void> => {
    const { decodeTable } = await import('@/data/files/csv');
    const table = decodeTable(typed);
    const held = {
      beds: [...journal.all('bed').values()],
      varieties: [...journal.all('variety').values()],
    };
    setRead(table ? readPlanTable(table, held) : 'tooLong');
  };
  const choose = async (): Promise<void> => {
    const file = await pickFile('.csv,.tsv,.txt,text/csv');
    if (!file) return;
    setText(file.text);
    await look(file.text);
  };
  const save = async (): Promise<void> => {
    if (!view) return;
    const { encodePlan } = await import('@/data/files/csv');
    const rows = planRows(view.beds, view.plants, journal.all('variety'));
    download(`${view.name.replace(/[^\p{L}\p{N}]+/gu, '-')}-plan.csv`, encodePlan(rows), 'text/csv');
  };
  const draft = read !== undefined && read !== 'tooLong' && read.ok ? read.draft : undefined;
  return (
    <Page
      title="The plan as a table"
      foot={
        draft ? (
          <Action
            kind="main"
            size="big"
            title={`Take in ${f.count(plantsIn(draft), 'plant', 'plants')}`}
            onPress={() => {
              record(factsOf(draft, journal));
              router.replace('/garden');
            }}
          />
        ) : undefined
      }
    >
      <GardenTabs here="/garden/table" />
      <View style={{ gap: SPACE.m }}>
        <Words>
          Paste rows from a spreadsheet, or choose a CSV file. The first line names the columns: bed, variety
          and plants are needed; row, kind, purpose, seed, sown, planted_out, spacing and where the bed lies
          may be there. Lengths are metres.
        </Words>
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
          <Action kind="main" title="Look it through" onPress={() => void look(text)} />
          <Action title="Choose a file" onPress={() => void choose()} />
          <Action title="Show an example" onPress={() => setText(EXAMPLE)} />
          <Action title="Save this plan as a table" onPress={() => void save()} />
        </View>
        {read === 'tooLong' ? <Words tone="rust">This is too long to be a plan.</Words> : null}
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
      <Words tone="rust" live>
        {missingColumns(read.missing)}
      </Words>
    );
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words kind="strong" tone="rust" live>
        {`Nothing was taken in: ${f.count(read.faults.length, 'cell is', 'cells are')} not right.`}
      </Words>
      {read.faults.slice(0, MOST_FAULTS).map((fault) => (
        <Words key={`${fault.line} ${fault.column} ${fault.why}`}>{faultInWords(fault)}</Words>
      ))}
      {read.faults.length > MOST_FAULTS ? (
        <Words tone="soft">{`And ${f.number(read.faults.length - MOST_FAULTS)} more.`}</Words>
      ) : null}
    </View>
  );
}

const plantsIn = ({ rows }: PlanDraft): number => rows.reduce((sum, { plants }) => sum + plants, 0);

function Preview({ draft }: { readonly draft: PlanDraft }) {
  const f = useFormat();
  return (
    <View>
      <Words kind="strong" live>
        {`${f.count(draft.beds.length, 'bed', 'beds')}, ${f.count(draft.varieties.length, 'variety', 'varieties')}, ${f.count(plantsIn(draft), 'plant', 'plants')}. Nothing is taken in yet.`}
      </Words>
      {draft.varieties.map((variety, i) => {
        const own = draft.rows.filter((row) => row.variety === i);
        const beds = [...new Set(own.map(({ bed }) => draft.beds[bed]!.name))].join(', ');
        return (
          <Line
            key={variety.name}
            title={variety.name}
            note={`${cropOf(variety.crop).name}, ${cropOf(variety.crop).species}. ${PURPOSES[variety.purpose]}. Bed ${beds}.${variety.held ? ' Is on the plan already.' : ''}`}
            end={f.number(own.reduce((sum, { plants }) => sum + plants, 0))}
          />
        );
      })}
    </View>
  );
}

/** What a plan that was looked through says to the journal; plants go after those that stand there. */
function factsOf({ beds, varieties, rows }: PlanDraft, journal: Journal): Fact[] {
  const bedIds = beds.map(({ held }) => held ?? newId());
  const varietyIds = varieties.map(({ held }) => held ?? newId());
  const last = new Map<string, number>();
  for (const { bed, row, place } of journal.all('plant').values()) {
    last.set(`${bed}|${row}`, Math.max(place, last.get(`${bed}|${row}`) ?? 0));
  }
  return [
    ...beds.map(({ held: _held, ...body }, i): Fact => ({
      kind: 'bed.laid',
      body: { bed: bedIds[i]!, ...body },
    })),
    ...varieties.flatMap(({ held, ...body }, i): Fact[] =>
      held ? [] : [{ kind: 'variety.described', body: { variety: varietyIds[i]!, ...body } }],
    ),
    ...rows.map(({ bed, row, variety, plants: count }): Fact => {
      const key = `${bedIds[bed]}|${row}`;
      const from = last.get(key) ?? 0;
      last.set(key, from + count);
      const plants = Array.from({ length: count }, (_, i) => ({ plant: newId(), place: from + i + 1 }));
      return { kind: 'plants.set', body: { bed: bedIds[bed]!, row, variety: varietyIds[variety]!, plants } };
    }),
  ];
}
