import { memo, useCallback, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { cornersOf, fromGate, middleOf, plantsIn, toCentimetre } from '@/core/garden/places';
import { groupBy } from '@/core/text/groupBy';
import { useRecord } from '@/data/hooks/useRecord';
import { useUndo } from '@/data/hooks/useUndo';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { DraggedBedLayers, PlanCanvas } from '@/ui/plan/PlanCanvas';
import type { PlanPlume } from '@/ui/plan/planParts';
import { openingHeight, openingView } from '@/ui/plan/openingView';
import { boxAround, heightFor, viewOf } from '@/ui/plan/planView';
import { usePlanGestures } from '@/ui/plan/usePlanGestures';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { useWide } from '../shell/useWide';
import { sayBed } from '../words/places';
import type { PlanOfGarden } from './usePlan';

export interface PlanBoardProps {
  readonly view: PlanOfGarden;
  readonly width: number;
  readonly mostHeight: number;
  readonly chosenBed?: string;
  readonly onChooseBed: (bed: string | undefined) => void;
  /** Only the plumes that come to one variety. */
  readonly only?: string;
}

/** Plumes drawn at once: more hide each other. */
const MAX_PLUMES = 24;

/** The plan with its gestures: zoom, beds dragged by the mouse, pollen on its way. */
export function PlanBoard({ view, width, mostHeight, chosenBed, onChooseBed, only }: PlanBoardProps) {
  const f = useFormat();
  const record = useRecord();
  const { undo } = useUndo();
  const surface = useRef<View>(null);
  const [said, setSaid] = useState<string>();
  const { beds, drawn, barriers, outside } = view;
  const box = useMemo(
    () => boxAround([...beds.flatMap(cornersOf), ...barriers.flatMap(({ from, to }) => [from, to])]),
    [beds, barriers],
  );
  // A phone opens on the beds, what lies around is one tap away.
  const wide = useWide();
  const height = Math.max(
    heightFor(box, width, mostHeight),
    wide ? 0 : openingHeight(beds, width, mostHeight),
  );
  const size = useMemo(() => ({ width, height }), [width, height]);
  const whole = useMemo(() => viewOf(box, size), [box, size]);
  const opening = useMemo(
    () => (wide ? whole : (openingView(beds, size) ?? whole)),
    [wide, beds, size, whole],
  );
  const barrierLines = useMemo(
    () => barriers.map(({ barrier, sort, from, to }) => ({ id: barrier, sort, from, to })),
    [barriers],
  );
  const plumes = useMemo(() => plumesOf(view, only), [view, only]);
  const outsideMarks = useMemo(
    () =>
      outside.map(({ source, name, distance, bearing }) => ({
        id: source,
        name,
        spot: fromGate(distance, bearing),
      })),
    [outside],
  );
  const undoMove = useCallback((): void => {
    undo();
    setSaid(undefined);
  }, [undo]);
  const gestures = usePlanGestures(surface as never, {
    size,
    whole,
    opening,
    beds: drawn,
    onChoose: onChooseBed,
    onMove: (id, by) => {
      const bed = beds.find((each) => each.bed === id);
      if (!bed || (by.x === 0 && by.y === 0)) return;
      const [x, y] = [toCentimetre(bed.x + by.x), toCentimetre(bed.y + by.y)];
      // Who moves a bed says where it lies.
      const { unplaced: _unplaced, ...rest } = bed;
      record([{ kind: 'bed.laid', body: { ...rest, x, y } }]);
      setSaid(`${sayBed(bed.name)} moved by ${f.length(Math.hypot(by.x, by.y))}.`);
    },
  });
  const { dragged, hovered } = gestures;
  const inHand = drawn.find(({ id }) => id === (dragged?.bed ?? hovered));
  return (
    <View>
      <View ref={surface} style={[size, touchStyle(gestures.touchAction)]}>
        <PlanCanvas
          size={size}
          view={gestures.view}
          beds={drawn}
          barriers={barrierLines}
          plumes={plumes}
          outside={outsideMarks}
          chosenBed={chosenBed}
          label={`Plan of ${f.count(beds.length, 'bed', 'beds')} with ${f.count(plantsIn(view.plants), 'plant', 'plants')}; the list has the same content`}
          lengthInWords={f.length}
        />
        {inHand ? <DraggedBedLayers bed={inHand} by={dragged?.by} view={gestures.view} size={size} /> : null}
      </View>
      <Buttons said={said} onZoom={gestures.zoom} onAll={gestures.showAll} onUndo={undoMove} />
    </View>
  );
}

interface ButtonsProps {
  readonly said: string | undefined;
  readonly onZoom: (times: number) => void;
  readonly onAll: () => void;
  readonly onUndo: () => void;
}

/** What is below the plan. Separate, so that dragging a bed does not redraw it. */
const Buttons = memo(function Buttons({ said, onZoom, onAll, onUndo }: ButtonsProps) {
  const wide = useWide();
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, alignItems: 'center' }}>
      <Button size="small" title="Zoom in" onPress={() => onZoom(1.6)} />
      <Button size="small" title="Zoom out" onPress={() => onZoom(1 / 1.6)} />
      <Button size="small" title="Whole plan" label="Show the whole plan" onPress={onAll} />
      {wide && !said ? (
        <Text variant="small" tone="soft">
          Drag a bed to move it, or the ground to move the plan.
        </Text>
      ) : null}
      {said ? (
        <>
          <Text variant="small" live>
            {said}
          </Text>
          <Button size="small" title="Undo" label="Undo the move" onPress={onUndo} />
        </>
      ) : null}
    </View>
  );
});

/**
 * Styles of the web, most of which React Native does not know. What lies on the plan is clipped at its edge, so that
 * dragging a bed neither makes the page longer nor repaints it.
 */
const touchStyle = (touchAction: string): object => ({
  cursor: 'grab',
  userSelect: 'none',
  touchAction,
  overflow: 'hidden',
  contain: 'strict',
});

/** Foreign pollen that is not held off, the most of it first. */
function plumesOf({ drawn, reports, outside }: PlanOfGarden, only: string | undefined): PlanPlume[] {
  // From where the plants are drawn: of beds that nobody placed it is not known how near they are.
  const patches = groupBy(
    drawn.flatMap((bed) => bed.patches),
    ({ id }) => id,
  );
  const middles = new Map(
    Array.from(patches, ([id, own]) => [id, middleOf(own.flatMap(({ spots: each }) => each))] as const),
  );
  const spots = new Map(
    outside.map(({ source, distance, bearing }) => [source, fromGate(distance, bearing)]),
  );
  return [...(reports?.values() ?? [])]
    .filter(({ variety }) => only === undefined || variety.variety === only)
    .flatMap(({ variety, isolation }) =>
      isolation.risks.flatMap((risk): PlanPlume[] => {
        const to = middles.get(variety.variety);
        const from = middles.get(risk.id) ?? spots.get(risk.id);
        if (risk.isolatedBy !== 'nothing' || isolation.verdict === 'notRequired' || !to || !from) return [];
        const rare = risk.compatibility.frequency === 'rarely';
        return [{ id: `${risk.id}>${variety.variety}`, from, to, share: risk.share.share, rare }];
      }),
    )
    .sort((a, b) => b.share - a.share)
    .slice(0, MAX_PLUMES);
}
