import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { isOpen } from '@/core/isolation/isolationReport';
import type { VarietyReport } from '@/core/planning/gardenPlan';
import { lastDayOf } from '@/core/journal/matingOf';
import { plantLabel } from '@/core/records/plantLabel';
import { lowerFirst } from '../words/lowerFirst';
import { useView } from '@/data/hooks/useView';
import { SeedRow } from '@/ui/charts/SeedRow';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { Explained } from '../shell/Explained';
import { Later } from '@/ui/parts/Later';
import { CROP_CAUTIONS, riskNote, sayMethod, sayShare, UNPLACED, verdictSentence } from '../words/garden';
import { sayGardenReason } from '../words/reasons/garden';
import { PURPOSE_NAMES, SEED_SOURCE_NAMES } from '../words/names';
import { SeedNow } from './SeedNow';
import type { PlanOfGarden } from './usePlan';
import { WORKING_OUT } from './VarietyRisk';
import { Flowered, floweringSentences, type ReportProps } from './Flowering';

export function Report({ view, planned }: ReportProps) {
  const router = useRouter();
  const f = useFormat();
  const { variety, places } = planned;
  const report = view.reports?.get(planned.planting);
  const bad = report && (report.isolation.verdict === 'tooClose' || !report.mothers.enough);
  const crop = cropOf(variety.crop);
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Text variant="strong" tone={bad ? 'rust' : 'ink'}>
          {report ? verdictSentence(report, view.nameOf, f) : WORKING_OUT}
        </Text>
        <Text tone="soft">{`${crop.name} (${crop.species}). ${PURPOSE_NAMES[variety.purpose]}. ${f.count(places.length, 'plant', 'plants')}. Seed: ${lowerFirst(SEED_SOURCE_NAMES[variety.seedSource])}.`}</Text>
        {variety.note ? <Text>{variety.note}</Text> : null}
      </View>
      {report ? <Methods report={report} view={view} f={f} /> : null}
      {report ? <Risks report={report} view={view} f={f} /> : null}
      {report && variety.purpose !== 'eat' && places.length > 0 ? <Open report={report} f={f} /> : null}
      {variety.purpose === 'eat' ? null : <Later>{() => <SeedNow variety={variety} />}</Later>}
      {report ? (
        <Reasons
          title="Is it enough?"
          sentences={[...report.mothers.reasons, ...report.needs].map((each) => sayGardenReason(each, f))}
        />
      ) : null}
      <Reasons title="When it flowers" sentences={floweringSentences(planned, f)} />
      <Flowered planned={planned} view={view} />
      {report ? (
        <Reasons
          title="How far, and why"
          sentences={[
            ...report.isolation.reasons.map((each) => sayGardenReason(each, f)),
            ...(view.beds.some(({ unplaced }) => unplaced) ? [UNPLACED] : []),
          ]}
        />
      ) : null}
      {crop.cautions.length > 0 ? (
        <Reasons title="Take care" sentences={crop.cautions.map((each) => CROP_CAUTIONS[each])} />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button
          title="Edit"
          onPress={() => router.push({ pathname: '/garden/describe', params: { id: variety.variety } })}
        />
        <Button
          title="Add plants"
          onPress={() => router.push({ pathname: '/garden/plants', params: { of: variety.variety } })}
        />
        <Button
          title="Field guide"
          onPress={() => router.push({ pathname: '/more/guide', params: { crop: variety.crop } })}
        />
        <Button
          title="How you work"
          onPress={() => router.push({ pathname: '/garden/ways', params: { of: variety.variety } })}
        />
        <Button
          title="Plan a cross"
          onPress={() => router.push({ pathname: '/garden/cross', params: { mother: variety.variety } })}
        />
      </View>
      <Crosses variety={variety.variety} />
    </View>
  );
}

/** Crosses planned on it, the latest last. */
function Crosses({ variety }: { readonly variety: string }) {
  const router = useRouter();
  const f = useFormat();
  const crosses = useView('crosses', [variety], ({ store: { journal } }) =>
    [...journal.all('mating').values()]
      .filter(({ mother, father }) => mother === variety && father !== variety)
      .map(({ mating, father, from, until, plants, fathers }) => ({
        mating,
        from,
        until: lastDayOf(journal, { from, ...(until && { until }) }),
        name: journal.all('variety').get(father)?.name ?? '?',
        mothers: (plants ?? []).map((plant) => plantLabel(journal, plant)),
        fathers: (fathers ?? []).map((plant) => plantLabel(journal, plant)),
      })),
  );
  if (!crosses || crosses.length === 0) return null;
  return (
    <View>
      <Text variant="heading" level={2}>
        Crosses
      </Text>
      {crosses.map(({ mating, from, until, name, mothers, fathers }) => (
        <ListRow
          key={mating}
          title={`Pollen of ${name}`}
          note={[
            `${f.date(from)} to ${f.date(until)}.`,
            mothers.length > 0 ? `On ${mothers.join(', ')}.` : 'On every plant.',
            fathers.length > 0 ? `By ${fathers.join(', ')}.` : '',
          ]
            .filter(Boolean)
            .join(' ')}
          onPress={() => router.push({ pathname: '/garden/cross', params: { id: mating } })}
        />
      ))}
    </View>
  );
}

interface JudgedProps {
  readonly view: PlanOfGarden;
  readonly report: VarietyReport;
  readonly f: Format;
}

/** Risks shown at once. */
const FIRST_SHOWN = 20;

/** What can cross with it, the greatest risk first. */
function Risks({ report: { isolation }, view, f }: JudgedProps) {
  const [shown, setShown] = useState(FIRST_SHOWN);
  if (isolation.risks.length === 0) return null;
  return (
    <View>
      <Text variant="heading" level={2}>
        What can cross with it
      </Text>
      {isolation.risks.slice(0, shown).map((risk, i) => (
        <ListRow
          key={`${risk.id} ${i}`}
          title={view.nameOf(risk.id)}
          note={`${riskNote(risk, f)} ${risk.compatibility.reasons.map((each) => sayGardenReason(each, f)).join(' ')}`}
          end={`${f.number(100 * risk.share.share, 1)} %`}
          tone={isOpen(risk) ? 'rust' : 'ink'}
        />
      ))}
      {shown < isolation.count.risks ? (
        <Button
          title={`Show ${f.count(isolation.count.risks - shown, 'more', 'more')}`}
          onPress={() => setShown(isolation.count.risks)}
          style={{ marginTop: SPACE.s }}
        />
      ) : null}
      <Text variant="small" tone="soft" style={{ marginTop: SPACE.xs }}>
        On the right: the share of the seed it would father if nothing were covered.
      </Text>
    </View>
  );
}

function Methods({ report, view, f }: JudgedProps) {
  const { methods } = report.isolation;
  if (methods.length === 0) return null;
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        What you can do, the cheapest first
      </Text>
      {methods.map((method, i) => {
        const said = sayMethod(method, view.nameOf, f);
        return (
          <View key={method.method} style={{ flexDirection: 'row', gap: SPACE.m }}>
            <Text variant="label" style={{ minWidth: SPACE.m }}>{`${i + 1}`}</Text>
            <View style={{ flex: 1 }}>
              <Text>{said.do}</Text>
              <Text variant="small" tone="soft">
                {said.cost}
              </Text>
            </View>
          </View>
        );
      })}
    </View>
  );
}

/** The expected outcrossing, with what it assumes. */
function Open({ report, f }: { readonly report: VarietyReport; readonly f: Format }) {
  const { outcrossing } = report.isolation;
  if (!outcrossing) return null;
  const said = sayShare(outcrossing, f);
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text variant="heading" level={2}>
        If it were left open
      </Text>
      <SeedRow
        share={outcrossing.share}
        high={outcrossing.high}
        label={`Seed with a foreign father: ${said}`}
      />
      <Text>{`Of its seed ${said} would have a foreign father.`}</Text>
      <Text variant="small" tone="soft">
        Expect the split seeds; the outlined ones are possible. This is a model, not a measurement: pollen
        decreases with distance, and the variety’s own pollen competes with it. It assumes that all plants
        shed the same amount, that wind and insects are the same on every side, and that everything flowers at
        the same time unless known otherwise. Corn follows a published table within its scatter; for insects
        the range is wide, because published findings are.
      </Text>
    </View>
  );
}

/** Words of the reasons that are explained on a tap. */
const TERMS = ['isolationDistance', 'timeIsolation', 'degreeDays', 'offType', 'trueToType'] as const;

function Reasons({ title, sentences }: { readonly title: string; readonly sentences: readonly string[] }) {
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text variant="heading" level={2}>
        {title}
      </Text>
      {sentences.map((sentence) => (
        <Explained key={sentence} terms={TERMS}>
          {sentence}
        </Explained>
      ))}
    </View>
  );
}
