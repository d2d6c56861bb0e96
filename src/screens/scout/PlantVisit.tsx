import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { showTagCode } from '@/core/codes/tagCode';
import type { CoverMethod, Sex } from '@/core/journal/entry';
import type { Plant } from '@/core/journal/state';
import { walkId } from '@/core/journal/subjects';
import { wantsSeed } from '@/core/purity/fruitPurity';
import { visitFacts, type Visit } from '@/core/round/visit';
import type { Day } from '@/core/time/types';
import { newId } from '@/data/clock';
import { useDraft, useGarden, useRecord, useUndo } from '@/data/provider';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Action } from '@/ui/parts/Action';
import { Choice } from '@/ui/parts/Choice';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { placeInWords } from '../garden/labels';
import { Page } from '../shell/Page';
import { COVERS } from '../words/names';

export interface PlantVisitProps {
  readonly plant: Plant;
  readonly morning: Day;
  readonly head: ReactNode;
  /** Beside it on a wide screen. */
  readonly aside?: ReactNode;
  readonly onDone: () => void;
}

type Counts = Pick<Visit, 'eve' | 'green' | 'method'>;

/** Beyond this many of one sex on one plant a finger has slipped. */
const MOST_BUDS = 12;

/** One plant on the evening walk: count its buds, cover those that open tomorrow, tie the tags. */
export function PlantVisit({ plant, morning, head, aside, onDone }: PlantVisitProps) {
  const f = useFormat();
  const { store } = useGarden();
  const { journal } = store;
  const record = useRecord();
  const { undo } = useUndo();
  const [choosing, setChoosing] = useState(false);
  const variety = journal.all('variety').get(plant.variety);
  const walk = journal.all('walk').get(walkId(plant.plant, morning));
  const flowers = journal.all('flower');
  const before = (walk?.flowers ?? []).flatMap((id) => flowers.get(id) ?? []);
  const seed = variety ? wantsSeed(variety.purpose) : false;
  const [counts, setCounts, dropCounts] = useDraft<Counts>(`visit/${walkId(plant.plant, morning)}`, {
    eve: walk?.eve ?? { female: 0, male: 0 },
    green: walk?.green ?? { female: 0, male: 0 },
    method: before[0]?.cover?.method ?? (seed ? 'tape' : 'none'),
  });
  if (!counts) return null;
  const { eve, green, method } = counts;
  const tagged = before.filter(({ sex }) => sex === 'female').map(({ code }) => code);
  const tags = [...tagged, ...store.tags.next(MOST_BUDS)].slice(0, eve.female);
  const total = eve.female + eve.male;
  const set = (stage: 'eve' | 'green', sex: Sex) => (value: number) =>
    setCounts({ ...counts, [stage]: { ...counts[stage], [sex]: value } });
  const save = (): void => {
    const visit: Visit = { plant: plant.plant, morning, ...counts };
    const supplies = { walk, flowers, newId, tags: store.tags.next(MOST_BUDS) };
    record([...store.tags.ensureLetter(), ...visitFacts(visit, supplies)]);
    dropCounts();
    onDone();
  };
  const [where, number] = [placeInWords(journal, plant).replace(/ \d+$/, ''), plant.place];
  const verb = method === 'none' ? 'Mark' : 'Cover';
  return (
    <Page
      title={`${placeInWords(journal, plant)}, ${variety?.name ?? ''}`}
      heading={false}
      over={head}
      aside={aside}
      foot={
        <View style={{ flexDirection: 'row', gap: SPACE.s }}>
          <Action
            kind="main"
            size="huge"
            title={total > 0 ? `${verb} ${f.number(total)}, next` : 'None, next'}
            onPress={save}
            style={{ flex: 1 }}
          />
          <Action title="Undo" size="huge" onPress={() => void undo()} style={{ width: 96 }} />
        </View>
      }
    >
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: SPACE.m, marginVertical: SPACE.s }}>
        <View role="heading" aria-level={1} style={{ flex: 1 }}>
          <Words tone="soft">{where}</Words>
          <View style={{ flexDirection: 'row', alignItems: 'flex-end', flexWrap: 'wrap', gap: SPACE.m }}>
            <Words kind="huge" style={{ fontSize: 64, lineHeight: 64 }}>
              {number}
            </Words>
            <Words kind="heading" style={{ marginBottom: SPACE.s, flexShrink: 1 }}>
              {variety?.name ?? ''}
            </Words>
          </View>
        </View>
      </View>
      <Words kind="strong">Opens tomorrow</Words>
      <Words kind="small" tone="soft" style={{ marginBottom: SPACE.xs }}>
        Long, firm, pointed, yellow along the seams.
      </Words>
      <BudSteppers counts={eve} onChange={(sex) => set('eve', sex)} />
      {tags.length > 0 ? (
        <View
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            flexWrap: 'wrap',
            gap: SPACE.m,
            paddingVertical: SPACE.s,
          }}
        >
          <Words>{f.count(tags.length, 'Tag:', 'Tags:').replace(/^\d+ /, '')}</Words>
          {tags.map((code) => (
            <Words kind="code" key={code} style={{ fontSize: 26, lineHeight: 32 }}>
              {showTagCode(code)}
            </Words>
          ))}
        </View>
      ) : null}
      {total > 0 ? (
        <Action
          title={`How: ${COVERS[method]}`}
          onPress={() => setChoosing(true)}
          style={{ marginVertical: SPACE.s }}
        />
      ) : null}
      <Words kind="strong" style={{ marginTop: SPACE.m }}>
        Still green: opens in about two days
      </Words>
      <BudSteppers counts={green} onChange={(sex) => set('green', sex)} />
      <Sheet
        title="How is it kept shut?"
        open={choosing}
        onClose={() => setChoosing(false)}
        closeTitle="Close"
      >
        <Choice<CoverMethod>
          label="Cover"
          value={method}
          options={(Object.keys(COVERS) as CoverMethod[]).map((value) => ({ value, title: COVERS[value] }))}
          onChange={(value) => {
            setCounts({ ...counts, method: value });
            setChoosing(false);
          }}
        />
      </Sheet>
    </Page>
  );
}

interface BudSteppersProps {
  readonly counts: Visit['eve'];
  readonly onChange: (sex: Sex) => (value: number) => void;
}

function BudSteppers({ counts, onChange }: BudSteppersProps) {
  return (['female', 'male'] as const).map((sex) => (
    <Stepper
      key={sex}
      label={sex === 'female' ? 'Females' : 'Males'}
      glyph={<Glyph name={sex} size={30} />}
      value={counts[sex]}
      most={MOST_BUDS}
      onChange={onChange(sex)}
      lessLabel={`One ${sex} less`}
      moreLabel={`One ${sex} more`}
    />
  ));
}
