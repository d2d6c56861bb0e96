import { useEffect, useState } from 'react';
import { varietyEver } from '@/core/journal/varietyEver';
import type { Journal } from '@/core/journal/journal';
import { fatherPlants, pollinationsOf } from '@/core/journal/pollinations';
import type { Bloom } from '@/core/journal/state';
import { grownThen } from '@/core/journal/past';
import type { Label } from '@/core/paper/labels';
import { plantLabel } from '@/core/records/plantLabel';
import { taggedNow, TAGGED, type Tagged } from '@/core/records/taggedNow';
import { formatTagCode } from '@/core/text/tagCode';
import { dayAt } from '@/core/time/calendar';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { useWhole } from '@/data/hooks/useWhole';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { LabelChoice } from './LabelChoice';
import { Printed } from './Printed';
import { usePaper } from './usePaper';

/** Whose tags: of flowers to come, in the order in which the device hands them out, or of those that wear one. */
type Whose = 'next' | Tagged;

const WHOSE: Readonly<Record<Whose, string>> = {
  next: 'For flowers to come',
  marked: 'Of females that wait for pollen',
  growing: 'Of fruits that grow',
  picked: 'Of fruits picked for seed',
};

const NOTHING: Readonly<Record<Tagged, string>> = {
  marked: 'No female with a tag waits for its pollen.',
  growing: 'No fruit with a tag is growing.',
  picked: 'No fruit that was picked for seed is still whole.',
};

/** Of so many sheets nobody runs out. */
const MOST_SHEETS = 20;

/** Tags: the code large and to scan, whose it is, its parents and its day. */
export function TagsSheet() {
  const f = useFormat();
  const store = useStore();
  const record = useRecord();
  const { form } = usePaper();
  const [whose, setWhose] = useState<Whose>('next');
  const [sheets, setSheets] = useState(1);
  const [skipped, setSkipped] = useState(0);
  const each = form.columns * form.rows;
  const first = skipped % each;
  const worn = useView('tags', [whose], ({ store: { journal }, garden, now }) =>
    whose === 'next' ? [] : taggedNow(journal, garden, dayAt(now, garden.zone), whose),
  );
  // A tag that some earlier year wears is not handed out: all of them have to be read first.
  const { whenWhole } = useWhole();
  const isRead = store.reading.complete;
  useEffect(() => {
    if (whose === 'next' && !isRead) whenWhole(() => Promise.resolve());
  }, [whose, isRead, whenWhole]);
  const labels =
    whose === 'next'
      ? !isRead
        ? []
        : store.tags.next(sheets * each - first).map((code): Label => blankTag(code))
      : (worn ?? []).map((bloom): Label => tagOf(store.journal, bloom, f));
  return (
    <Printed
      ofAllYears
      title="Tags"
      file="tags"
      what={labels.length === 0 ? undefined : { sheets: 'labels', labels, form, skipped }}
      nothing={whose === 'next' ? 'Older entries are being read: no tag is printed twice.' : NOTHING[whose]}
      // A device that has handed out no tag yet has no letter of its own for good.
      onSaved={() => {
        const letter = store.tags.ensureLetter();
        if (whose === 'next' && letter.length > 0) record(letter);
      }}
    >
      <ChooseOne
        name="Tags"
        sheet="Whose tags"
        value={whose}
        options={(['next', ...TAGGED] as const).map((value) => ({ value, title: WHOSE[value] }))}
        onChange={setWhose}
      />
      {whose === 'next' ? (
        <>
          <Text tone="soft">
            {`The next ones that this device will hand out, in that order: hang ${formatTagCode(store.tags.next(1)[0]!)} first. A tag that is spoilt is passed over: the flower gets the next, and its tag can be changed on its page.`}
          </Text>
          <Stepper
            label="Sheets"
            value={sheets}
            onChange={setSheets}
            least={1}
            most={MOST_SHEETS}
            lessLabel="One sheet less"
            moreLabel="One sheet more"
          />
        </>
      ) : null}
      <LabelChoice skipped={skipped} onSkip={setSkipped} />
    </Printed>
  );
}

const blankTag = (code: string): Label => ({ head: formatTagCode(code), lines: [], scanned: code });

/** `K7-4Q`, `Copper Acorn`, `A1·2 × A1·4, A2·1`, `12 Jul 2026`. */
function tagOf(journal: Journal, bloom: Bloom, f: Format): Label {
  const day = pollinationsOf(bloom)[0]?.day ?? bloom.day;
  const variety = grownThen(journal, bloom.plant, day)?.variety;
  const fathers = fatherPlants(bloom);
  const known = fathers.filter((plant) => plant !== '').map((plant) => plantLabel(journal, plant));
  const others = known.length < fathers.length ? ['mixed pollen'] : [];
  const mother = plantLabel(journal, bloom.plant);
  return {
    head: formatTagCode(bloom.code),
    scanned: bloom.code,
    lines: [
      variety ? (varietyEver(journal, variety.variety)?.name ?? variety.name) : '',
      fathers.length === 0 ? mother : `${mother} × ${[...known, ...others].join(', ')}`,
      day === undefined ? '' : f.date(day),
    ].filter(Boolean),
  };
}
