import { useLocalSearchParams, useRouter } from 'expo-router';
import type { Journal } from '@/core/journal/journal';
import type { Stop } from '@/core/journal/kinds/stops';
import type { Round } from '@/core/journal/state';
import type { PaperList } from '@/core/paper/listSheet';
import { plantLabel } from '@/core/records/plantLabel';
import { doneAllTheSame, PAPER_LETTERS, paperReasons, type PaperReason } from '@/core/round/fromPaper';
import { plansOnPaper } from '@/core/round/plansOnPaper';
import { stopNow } from '@/core/round/stopNow';
import { toMs } from '@/core/time/calendar';
import { outingStatesAt } from '@/core/today/outingStates';
import { useStore } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { sayRoundName, sayRoundSize } from '../round/RoundRows';
import { MISSED } from '../words/names';
import { lowerFirst } from '../words/lowerFirst';
import { sayBed } from '../words/places';
import { sayStep } from '../words/stops';
import { PaperChoice } from './PaperChoice';
import { Printed } from './Printed';
import { sayPage } from './paperWords';
import { usePaper } from './usePaper';

/** A round for somebody without a phone: numbered, with boxes, in the order in which it is walked. */
export function RoundSheet() {
  const f = useFormat();
  const router = useRouter();
  const now = useNow();
  const { journal } = useStore();
  const { paper } = usePaper();
  const { round: asked } = useLocalSearchParams<{ round?: string }>();
  const rounds = useView('rounds-to-print', [Math.floor(now / 60_000)], ({ store, garden }) =>
    outingStatesAt(store.journal, garden, now).rounds.flatMap(({ due }) => due.rounds),
  );
  const round = rounds?.find((each) => each.round === asked) ?? rounds?.[0];
  return (
    <Printed
      title="Round on paper"
      file="round"
      what={round && { sheets: 'list', list: roundList(journal, round, f), paper }}
      nothing="No round is planned. Start one, and it can be printed for somebody without a phone."
    >
      {rounds && rounds.length > 1 ? (
        <Choice
          label="Which round"
          value={round?.round}
          options={rounds.map((each) => ({
            value: each.round,
            title: `${sayRoundName(each, f)}, ${f.day(each.day)}`,
            note: sayRoundSize(journal, each, f),
          }))}
          onChange={(to) => router.setParams({ round: to })}
        />
      ) : null}
      {rounds?.length === 0 ? <Button title="To the round" onPress={() => router.push('/round')} /> : null}
      <PaperChoice />
    </Printed>
  );
}

const CLEAN: Readonly<Record<ReturnType<typeof stopNow>['clean'], string>> = {
  nothing: '',
  hands: 'Clean your hands first.',
  brush: 'Clean the brush first.',
  handsAndBrush: 'Clean hands and brush first.',
};

/** Stops in their order, as long as they stay in one bed. */
function byBed(
  journal: Journal,
  stops: readonly Stop[],
): { readonly bed: string; readonly stops: readonly Stop[] }[] {
  const beds: { readonly bed: string; readonly stops: Stop[] }[] = [];
  for (const stop of stops) {
    const id = journal.all('plant').get(stop.plant)?.bed ?? '';
    const bed = sayBed(journal.all('bed').get(id)?.name ?? '?');
    const last = beds.at(-1);
    if (last?.bed === bed) last.stops.push(stop);
    else beds.push({ bed, stops: [stop] });
  }
  return beds;
}

/** The whole round, what is done already too: numbers are those by which it is entered. */
function roundList(journal: Journal, round: Round, f: Format): PaperList {
  const numbers = new Map(round.stops.map(({ stop }, i) => [stop, i + 1]));
  const reasons = new Map<PaperReason, Stop>();
  for (const stop of round.stops)
    for (const why of paperReasons(journal, round, stop)) reasons.set(why, stop);
  const tried = [...reasons].some(([why, stop]) => doneAllTheSame(stop, why));
  return {
    title: `${sayRoundName(round, f)}, ${f.day(round.day)}`,
    about: [`List ${plansOnPaper(journal, round)[0].list}. ${sayRoundSize(journal, round, f)}`],
    groups: byBed(journal, round.stops).map(({ bed, stops }) => ({
      head: bed,
      lines: stops.map((stop) => {
        const done = round.done.get(stop.stop);
        const variety = journal.all('variety').get(stop.variety)?.name ?? '';
        return {
          number: String(numbers.get(stop.stop)),
          text: `${plantLabel(journal, stop.plant)}: ${lowerFirst(sayStep(journal, stop, f))}`,
          note: done
            ? `${variety}. Entered already: ${done.outcome === 'done' ? 'done' : MISSED[done.outcome].toLowerCase()}.`
            : `${variety}. About ${f.time(toMs(stop.eta))}. ${CLEAN[stopNow(journal, round, stop).clean]}`.trim(),
        };
      }),
    })),
    boxes: ['Done', 'Letter'],
    key: [
      'Tick what was done as it stands: found shut, pollinated, shut again, tag on. Leave empty what nobody came to.',
      ...(reasons.size > 0
        ? [
            `Letter, where it was passed over: ${[...reasons.keys()].map((why) => `${PAPER_LETTERS[why]} ${MISSED[why].toLowerCase()}`).join(', ')}.`,
          ]
        : []),
      ...(tried ? ['A tick and a letter: found so, and pollinated all the same.'] : []),
    ],
    pageOf: sayPage,
  };
}
