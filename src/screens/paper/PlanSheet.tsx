import { plantsIn } from '@/core/garden/places';
import type { DrawingSheet } from '@/core/paper/drawingSheet';
import { groupBy } from '@/core/text/groupBy';
import { planOnPaper } from '@/ui/plan/planOnPaper';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { usePlan, type PlanOfGarden } from '../garden/usePlan';
import { sayBed } from '../words/places';
import { PaperChoice } from './PaperChoice';
import { plainList } from './paperWords';
import { Printed } from './Printed';
import { usePaper } from './usePaper';

/** The plan, drawn to scale, with a list of what grows in each bed. */
export function PlanSheet() {
  const f = useFormat();
  const view = usePlan();
  const { paper } = usePaper();
  const drawing = view && view.beds.length > 0 ? planSheet(view, f) : undefined;
  const turned = drawing !== undefined && isWide(drawing);
  return (
    <Printed
      title="Plan on paper"
      file="plan"
      what={drawing && { sheets: 'drawing', drawing, paper, turned }}
      nothing="The garden has no bed yet."
      isDrawing
    >
      <PaperChoice />
    </Printed>
  );
}

const isWide = ({ drawings }: DrawingSheet): boolean =>
  drawings.some(({ drawing: { width, height } }) => width > height);

function planSheet(view: PlanOfGarden, f: Format): DrawingSheet {
  const inBed = groupBy(view.plants, ({ bed }) => bed);
  return {
    title: view.name,
    about: [`${f.date(view.today)}. Drawn to scale, straight ahead of the gate is up.`],
    drawings: [
      { drawing: planOnPaper({ beds: view.drawn, barriers: barriersOf(view), lengthInWords: f.length }) },
    ],
    columns: 1,
    rows: 1,
    written: 0,
    key: plainList(
      'What grows where',
      view.beds.map(({ bed, name }) => {
        const varieties = [...groupBy(inBed.get(bed) ?? [], ({ variety }) => variety)];
        const grown = varieties.map(([variety, own]) => `${view.nameOf(variety)} ${f.number(plantsIn(own))}`);
        return `${sayBed(name)}: ${grown.join(', ') || 'empty'}.`;
      }),
    ),
  };
}

const barriersOf = ({ barriers }: PlanOfGarden) =>
  barriers.map(({ barrier, sort, from, to }) => ({ id: barrier, sort, from, to }));
