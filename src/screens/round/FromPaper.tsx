import { useState } from 'react';
import { View } from 'react-native';
import type { Stop } from '@/core/journal/kinds/stops';
import type { Round } from '@/core/journal/state';
import {
  doneAllTheSame,
  fromPaper,
  PAPER_LETTERS,
  paperReasons,
  readPaper,
  type PaperMark,
  type TypedPaper,
} from '@/core/round/fromPaper';
import { plansOnPaper, type PlanOnPaper } from '@/core/round/plansOnPaper';
import { stopsLeft } from '@/core/round/stopsLeft';
import { toMs } from '@/core/time/calendar';
import { useDraft } from '@/data/hooks/useDraft';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Field } from '@/ui/parts/Field';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { BESIDE, WithUndo } from '../shell/WithUndo';
import { MISSED } from '../words/names';
import { sayStep } from '../words/stops';

/** What paper says of the stops of a round, until it is entered; it stays when the page is left. */
export interface PaperMarks {
  /** By the id of the stop. */
  readonly marks: ReadonlyMap<string, PaperMark>;
  readonly set: (marks: ReadonlyMap<string, PaperMark>) => void;
  readonly drop: () => void;
  /** The stop of which it is asked what paper says. */
  readonly chosen: Stop | undefined;
  readonly choose: (stop: Stop | undefined) => void;
  /** The plan that was printed, of all that the round has had. */
  readonly plan: PlanOnPaper;
  readonly plans: readonly PlanOnPaper[];
  readonly choosePlan: (list: string) => void;
}

export function usePaperMarks(round: Round): PaperMarks {
  const { journal } = useStore();
  const name = `paper/${round.round}`;
  const [draft, setDraft, drop] = useDraft<readonly (readonly [string, PaperMark])[]>(name, []);
  const [chosen, choose] = useState<Stop>();
  const [list, choosePlan] = useState<string>();
  const plans = plansOnPaper(journal, round);
  const plan = plans.find((each) => each.list === list) ?? plans[0];
  return {
    ...{ marks: new Map(draft), set: (marks) => setDraft([...marks]), drop },
    ...{ chosen, choose, plan, plans, choosePlan },
  };
}

/** `Done`, `Hole or tear`, `Hole or tear, done all the same`. */
export const sayMark = ({ done, why }: PaperMark): string =>
  why === undefined ? 'Done' : `${MISSED[why]}${done ? ', done all the same' : ''}`;

/** What somebody did by a printed list, entered afterwards in the paper's order: typed, or tapped in the list. */
export function FromPaper({ round, paper }: { readonly round: Round; readonly paper: PaperMarks }) {
  const f = useFormat();
  const { journal } = useStore();
  const record = useRecord();
  const [typed, setTyped] = useState('');
  const [error, setError] = useState<string>();
  const [entered, setEntered] = useState<string>();
  const left = stopsLeft(round);
  const { facts, unclear } = fromPaper(journal, round, paper.marks);
  const marked = left.filter(({ stop }) => paper.marks.has(stop)).length;
  const read = (): void => {
    const { stops } = paper.plan;
    const answer = readPaper(typed, stops, (stop) => paperReasons(journal, round, stop));
    if (!answer.ok) return setError(sayFault(answer, stops.length));
    const own = new Set(round.stops.map(({ stop }) => stop));
    const next = new Map(paper.marks);
    const gone: number[] = [];
    for (const [number, mark] of answer.marks) {
      const { stop } = stops[number - 1]!;
      if (!own.has(stop)) gone.push(number);
      else if (!round.done.has(stop)) next.set(stop, mark);
    }
    paper.set(next);
    setTyped('');
    setError(gone.length > 0 ? sayGone(gone, f) : undefined);
  };
  const enter = (): void => {
    record(facts, whenSaved(paper.drop));
    setEntered(
      unclear.length === 0
        ? undefined
        : `${f.count(unclear.length, 'flower', 'flowers')} not entered: the males meant for ${unclear.length === 1 ? 'it' : 'them'} were no good by this paper. Say at ${unclear.length === 1 ? 'its stop' : 'their stops'} whose pollen it was.`,
    );
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Enter it from paper
      </Text>
      <Text>
        {`Type the numbers as they stand on the paper: 1-8 10 12H. A letter says why it was passed over, and a plus after it that it was done all the same: 12H+. Or tap a line of the list.`}
      </Text>
      <Text>{`The paper says List ${paper.plan.list} at its top.`}</Text>
      {paper.plans.length > 1 ? (
        <ChooseOne
          name="List"
          sheet="Which list is it?"
          value={paper.plan.list}
          options={paper.plans.map(({ list, planned }) => ({
            value: list,
            title: `List ${list}, planned at ${f.time(toMs(planned))}`,
            short: list,
          }))}
          onChange={paper.choosePlan}
        />
      ) : null}
      <Field
        label="Numbers from the paper"
        value={typed}
        onChange={setTyped}
        autoCapitalize="characters"
        {...(error !== undefined && { error })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button title="Take over" disabled={typed.trim() === ''} onPress={read} />
        <Button
          title="The rest was done"
          disabled={marked === left.length}
          onPress={() =>
            paper.set(new Map([...left.map(({ stop }) => [stop, { done: true }] as const), ...paper.marks]))
          }
        />
        {marked > 0 ? (
          <Button title="Clear" label="Clear what is not entered yet" onPress={paper.drop} />
        ) : null}
      </View>
      {unclear.length > 0 ? (
        <Text tone="rust" live>
          {`Of ${f.count(unclear.length, 'flower', 'flowers')} the males were no good by this paper: whose pollen it got is asked at its stop.`}
        </Text>
      ) : null}
      {entered ? <Text live>{entered}</Text> : null}
      <WithUndo work="round" size="big" style={BESIDE}>
        <Button
          variant="main"
          size="big"
          title={`Enter ${f.number(marked - unclear.length)} of ${f.number(left.length)}`}
          disabled={facts.length === 0}
          onPress={enter}
          style={{ flex: 1 }}
        />
      </WithUndo>
      <Text variant="small" tone="soft">
        They are entered at the times for which they were planned. What is empty on the paper stays to be
        done.
      </Text>
      <OneMark round={round} paper={paper} />
    </View>
  );
}

/** What paper says of one stop. */
function OneMark({ round, paper }: { readonly round: Round; readonly paper: PaperMarks }) {
  const f = useFormat();
  const { journal } = useStore();
  const { chosen, choose, marks, set } = paper;
  if (!chosen) return null;
  const reasons = paperReasons(journal, round, chosen);
  const options = [
    { value: 'done', title: 'Done' },
    ...reasons.map((why) => ({ value: why as string, title: `${PAPER_LETTERS[why]}: ${MISSED[why]}` })),
    ...reasons
      .filter((why) => doneAllTheSame(chosen, why))
      .map((why) => ({
        value: `${why}+`,
        title: `${PAPER_LETTERS[why]}+: ${MISSED[why]}, done all the same`,
      })),
    { value: 'empty', title: 'Empty: nobody came to it' },
  ];
  const mark = marks.get(chosen.stop);
  const change = (value: string): void => {
    const next = new Map(marks);
    const why = reasons.find((each) => value === each || value === `${each}+`);
    if (value === 'empty') next.delete(chosen.stop);
    else next.set(chosen.stop, why === undefined ? { done: true } : { done: value.endsWith('+'), why });
    set(next);
    choose(undefined);
  };
  return (
    <Sheet title={sayStep(journal, chosen, f)} open onClose={() => choose(undefined)} closeTitle="Cancel">
      <Choice
        label="What the paper says"
        value={mark ? (mark.why === undefined ? 'done' : `${mark.why}${mark.done ? '+' : ''}`) : 'empty'}
        options={options}
        onChange={change}
      />
    </Sheet>
  );
}

const sayGone = (numbers: readonly number[], f: Format): string =>
  `${numbers.map((each) => f.number(each)).join(', ')}: not in this round any more since it was planned again. Enter ${numbers.length === 1 ? 'it' : 'them'} at the flower, or in the round it went to.`;

function sayFault({ why, word }: Extract<TypedPaper, { readonly ok: false }>, stops: number): string {
  switch (why) {
    case 'word':
      return `${word} is no number of the paper. Write 3, 3-7, 5H or 5H+.`;
    case 'number':
      return `${word}: the paper has the numbers 1 to ${stops}.`;
    case 'letter':
      return `${word}: that letter says nothing there. The letters stand at the foot of the paper.`;
    case 'twice':
      return `${word} is there twice.`;
  }
}
