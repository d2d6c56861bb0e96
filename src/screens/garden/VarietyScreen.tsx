import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { VarietyReport } from '@/core/plan/gardenPlan';
import { useRecord } from '@/data/provider';
import { SeedRow } from '@/ui/charts/SeedRow';
import { Action } from '@/ui/parts/Action';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat, type Format } from '../format';
import { Measured } from '../shell/Measured';
import { NothingHere } from '../shell/NothingHere';
import { Page } from '../shell/Page';
import { CROP_CAUTIONS, dangerNote, shareInWords, SOWN, verdictSentence, wayInWords } from '../words/garden';
import { sayGardenReason } from '../words/gardenReasons';
import { PURPOSES, SEED_SOURCES } from '../words/names';
import { PlanBoard } from './PlanBoard';
import { usePlan, type PlanOfGarden } from './usePlan';

/** All there is to say of one variety: is it safe, from whom, what to do, when it flowers, are there enough. */
export function VarietyScreen() {
  const view = usePlan();
  const { id } = useLocalSearchParams<{ id?: string }>();
  const report = view?.reports.find(({ variety }) => variety.variety === id);
  if (!view) return null;
  if (!report) {
    return (
      <NothingHere
        title="A variety"
        text="This variety is not in the garden any more."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  }
  return (
    <Page
      title={report.variety.name}
      aside={
        <View style={{ marginTop: SPACE.l }}>
          <Measured>
            {(width) => (
              <PlanBoard view={view} width={width} mostHeight={420} onChooseBed={() => undefined} only={id} />
            )}
          </Measured>
        </View>
      }
    >
      <Report view={view} report={report} />
    </Page>
  );
}

/** The same beside the plan. */
export function VarietyBeside({ id }: { readonly id: string }) {
  const router = useRouter();
  const view = usePlan();
  const report = view?.reports.find(({ variety }) => variety.variety === id);
  if (!view || !report) return null;
  return (
    <View>
      <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.m }}>
        <Words kind="heading" level={2} style={{ flex: 1 }}>
          {report.variety.name}
        </Words>
        <Action title="All varieties" onPress={() => router.setParams({ chosen: '' })} />
      </View>
      <Report view={view} report={report} />
    </View>
  );
}

interface ReportProps {
  readonly view: PlanOfGarden;
  readonly report: VarietyReport;
}

function Report({ view, report }: ReportProps) {
  const router = useRouter();
  const f = useFormat();
  const { variety, isolation, needs, mothers, places } = report;
  const bad = isolation.verdict === 'tooNear' || !mothers.enough;
  const crop = cropOf(variety.crop);
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words kind="strong" tone={bad ? 'rust' : 'ink'}>
          {verdictSentence(report, view.nameOf, f)}
        </Words>
        <Words tone="soft">{`${crop.name} (${crop.species}). ${PURPOSES[variety.purpose]}. ${f.count(places.length, 'plant', 'plants')}. Seed: ${SEED_SOURCES[variety.seedSource].toLowerCase()}.`}</Words>
      </View>
      <Ways report={report} view={view} f={f} />
      {isolation.dangers.length > 0 ? (
        <View>
          <Words kind="heading" level={2}>
            What can cross with it
          </Words>
          {isolation.dangers.map((danger) => (
            <Line
              key={danger.id}
              title={view.nameOf(danger.id)}
              note={`${dangerNote(danger, f)} ${danger.crossing.reasons.map((each) => sayGardenReason(each, f)).join(' ')}`}
              end={`${f.number(100 * danger.share.share, 1)} %`}
              tone={danger.guarded === 'no' && danger.crossing.how === 'freely' ? 'rust' : 'ink'}
            />
          ))}
          <Words kind="small" tone="soft" style={{ marginTop: SPACE.xs }}>
            At the right: share of the seed it would father if nothing were covered.
          </Words>
        </View>
      ) : null}
      {variety.purpose !== 'eat' && places.length > 0 ? <Open report={report} f={f} /> : null}
      <Reasons
        title="Is it enough?"
        sentences={[...mothers.reasons, ...needs].map((each) => sayGardenReason(each, f))}
      />
      <Reasons title="When it flowers" sentences={floweringSentences(report, f)} />
      <Flowered report={report} view={view} />
      <Reasons
        title="How far, and why"
        sentences={isolation.reasons.map((each) => sayGardenReason(each, f))}
      />
      {crop.cautions.length > 0 ? (
        <Reasons title="Mind" sentences={crop.cautions.map((each) => CROP_CAUTIONS[each])} />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Action
          title="Change what is said of it"
          onPress={() => router.push({ pathname: '/garden/describe', params: { id: variety.variety } })}
        />
        <Action title="Add plants of it" onPress={() => router.push('/garden/plants')} />
      </View>
    </View>
  );
}

function Ways({ report, view, f }: ReportProps & { readonly f: Format }) {
  const { ways } = report.isolation;
  if (ways.length === 0) return null;
  return (
    <View style={{ gap: SPACE.s }}>
      <Words kind="heading" level={2}>
        Ways out, the cheapest first
      </Words>
      {ways.map((way, i) => {
        const said = wayInWords(way, view.nameOf, f);
        return (
          <View key={way.way} style={{ flexDirection: 'row', gap: SPACE.m }}>
            <Words kind="label" style={{ minWidth: SPACE.m }}>{`${i + 1}`}</Words>
            <View style={{ flex: 1 }}>
              <Words>{said.do}</Words>
              <Words kind="small" tone="soft">
                {said.cost}
              </Words>
            </View>
          </View>
        );
      })}
    </View>
  );
}

/** The share of foreign pollen to expect, with what it assumes. */
function Open({ report, f }: { readonly report: VarietyReport; readonly f: Format }) {
  const { foreign } = report.isolation;
  const said = shareInWords(foreign, f);
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words kind="heading" level={2}>
        If it were left open
      </Words>
      <SeedRow share={foreign.share} high={foreign.high} label={`Seed with a foreign father: ${said}`} />
      <Words>{`Of its seed ${said} would have a foreign father.`}</Words>
      <Words kind="small" tone="soft">
        Split seeds are to be expected, outlined ones may come besides. A model, not a measurement: pollen
        falls off with distance, and the variety’s own pollen competes with it. It assumes that all plants
        shed alike, the same wind and insects on every side, and that what is not known to flower at another
        time flowers at the same. Corn follows a published table within its scatter; for insects the range is
        wide, since so are the finds.
      </Words>
    </View>
  );
}

function floweringSentences({ flowering }: VarietyReport, f: Format): string[] {
  if (!flowering) return ['Not known: say when it was sown or planted out, or when it first flowered.'];
  return [
    `From ${f.day(flowering.first)} to ${f.day(flowering.last)}.`,
    ...flowering.reasons.map((each) => sayGardenReason(each, f)),
  ];
}

/** Notes that it flowers today, which sets the reckoning right. */
function Flowered({ report, view }: ReportProps) {
  const record = useRecord();
  const { variety, flowering } = report;
  if (flowering?.by === 'seen') return null;
  const sowing = variety.sowing && `${SOWN[variety.sowing.how]} on ${variety.sowing.day}. `;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.s }}>
      <Action
        title="First flower seen today"
        onPress={() =>
          record([{ kind: 'flowering.seen', body: { variety: variety.variety, day: view.today } }])
        }
      />
      <Words kind="small" tone="soft">{`${sowing ?? ''}What was seen goes before what was reckoned.`}</Words>
    </View>
  );
}

function Reasons({ title, sentences }: { readonly title: string; readonly sentences: readonly string[] }) {
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words kind="heading" level={2}>
        {title}
      </Words>
      {sentences.map((sentence) => (
        <Words key={sentence}>{sentence}</Words>
      ))}
    </View>
  );
}
