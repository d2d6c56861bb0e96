import { memo, useMemo } from 'react';
import { View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { cornersOf } from '@/core/garden/places';
import { usePalette, type Palette } from '../theme';
import { BarrierLine, EdgeArrow, Label, ScaleBar, SourceMark } from './planMarks';
import { NAME_SIZE, namesOn, type NameProps } from './planNames';
import { MARGIN, toCanvas, type BedBox, type CanvasSize, type PlanSpot, type PlanView } from './planView';
import { groupBy } from '@/core/text/groupBy';
import { Later } from '../parts/Later';
import type { PlanBarrier, PlanBedDrawing, PlanPatch, PlanPlume } from './planParts';
import { plantsPath } from './plantShape';
import { atEdge, plumePath } from './plume';

export interface PlanCanvasProps {
  readonly size: CanvasSize;
  readonly view: PlanView;
  readonly beds: readonly PlanBedDrawing[];
  readonly barriers: readonly PlanBarrier[];
  readonly plumes: readonly PlanPlume[];
  /** Sources outside the garden, drawn at the edge towards it. */
  readonly outside: readonly { readonly id: string; readonly name: string; readonly spot: PlanSpot }[];
  readonly chosenBed?: string;
  readonly label: string;
  /** A length in the grower's words, for the bar of scale. */
  readonly lengthInWords: (metres: number) => string;
}

/** The plan of the garden to scale, north up, with the pollen that comes from where it should not. */
export const PlanCanvas = memo(function PlanCanvas(props: PlanCanvasProps) {
  const { size, view, beds, barriers, plumes, outside, chosenBed, label, lengthInWords } = props;
  const palette = usePalette();
  const gate = toCanvas({ x: 0, y: 0 }, view, size);
  return (
    <Svg width={size.width} height={size.height} role="img" aria-label={label}>
      <Path
        d={`M${gate.x - 9} ${gate.y + 5}v-10M${gate.x + 9} ${gate.y + 5}v-10M${gate.x - 9} ${gate.y}h18`}
        stroke={palette.soft}
        strokeWidth={2.5}
      />
      <G transform={onCanvas(view, size)}>
        <Grounds beds={beds} palette={palette} scale={view.scale} />
        {beds
          .filter(({ id }) => id === chosenBed)
          .map((bed) => (
            <ChosenGround key={bed.id} bed={bed} palette={palette} scale={view.scale} />
          ))}
      </G>
      <Later>
        {() => (
          <>
            <Between barriers={barriers} plumes={plumes} view={view} size={size} />
            <G transform={onCanvas(view, size)}>
              <Plants beds={beds} palette={palette} scale={view.scale} />
            </G>
          </>
        )}
      </Later>
      <Names
        beds={beds}
        outside={outside}
        chosenBed={chosenBed}
        view={view}
        size={size}
        lengthInWords={lengthInWords}
      />
      <ScaleBar view={view} size={size} lengthInWords={lengthInWords} />
    </Svg>
  );
});

interface DraggedBedLayersProps extends Pick<PlanCanvasProps, 'view' | 'size'> {
  readonly bed: PlanBedDrawing;
  /** Metres from where it lay; nothing as long as it lies there. */
  readonly by: PlanSpot | undefined;
}

/**
 * A bed on its way, on a sheet of its own over the plan, and another over the place where it lay, so that only its
 * shadow is left there: neither lifting nor moving it draws the plan again. Both sheets are laid out, unseen, while
 * the bed is only under the hand, so that lifting it has the less to do.
 */
export function DraggedBedLayers({ bed, by, view, size }: DraggedBedLayersProps) {
  const translate = by && [{ translateX: by.x * view.scale }, { translateY: -by.y * view.scale }];
  const seen = by ? undefined : UNSEEN;
  return (
    <>
      <View aria-hidden style={[size, SHEET, seen]}>
        <Veil bed={bed} view={view} size={size} />
      </View>
      <View aria-hidden style={[size, SHEET, { transform: translate }, OWN_LAYER, seen]}>
        <OneBed bed={bed} view={view} size={size} />
      </View>
    </>
  );
}

const SHEET = { position: 'absolute', pointerEvents: 'none' } as const;
/** Styles that React Native does not know: the first asks the browser for a layer of its own. */
const OWN_LAYER: object = { willChange: 'transform' };
const UNSEEN: object = { visibility: 'hidden' };

/** Ground drawn thinly over a bed. */
const Veil = memo(function Veil({ bed, view, size }: Omit<DraggedBedLayersProps, 'by'>) {
  const { ground } = usePalette();
  return (
    <Svg width={size.width} height={size.height}>
      <G transform={onCanvas(view, size)}>
        <Path d={outlineOf(bed)} fill={ground} fillOpacity={0.7} />
      </G>
    </Svg>
  );
});

const OneBed = memo(function OneBed({ bed, view, size }: Omit<DraggedBedLayersProps, 'by'>) {
  const palette = usePalette();
  return (
    <Svg width={size.width} height={size.height}>
      <G transform={onCanvas(view, size)}>
        <ChosenGround bed={bed} palette={palette} scale={view.scale} />
        <BedPlants bed={bed} palette={palette} scale={view.scale} />
      </G>
    </Svg>
  );
});

/** From metres to the canvas: one transform for all beds, since the browser pays for each at every frame. */
function onCanvas(view: PlanView, size: CanvasSize): string {
  const { x, y } = toCanvas({ x: 0, y: 0 }, view, size);
  return `translate(${x} ${y}) scale(${view.scale} ${-view.scale})`;
}

/** Names of beds and of what lies around, none over a bed or another name; arrows lead to what is out of view. */
const Names = memo(function Names(props: NameProps) {
  const { marks, labels } = namesOn(props);
  return (
    <>
      {marks.map(({ id, at, towards }) =>
        towards === undefined ? (
          <SourceMark key={id} at={at} />
        ) : (
          <EdgeArrow key={id} at={at} towards={towards} />
        ),
      )}
      {labels.map(({ id, text, x, y, ends }) => (
        <Label key={id} x={x} y={y} ends={ends} size={NAME_SIZE} head={!marks.some((mark) => mark.id === id)}>
          {text}
        </Label>
      ))}
    </>
  );
});

/** What stands and comes between the beds. */
const Between = memo(function Between({
  barriers,
  plumes,
  view,
  size,
}: Pick<PlanCanvasProps, 'barriers' | 'plumes' | 'view' | 'size'>) {
  const palette = usePalette();
  const at = (spot: PlanSpot): PlanSpot => toCanvas(spot, view, size);
  return (
    <>
      {barriers.map((barrier) => (
        <BarrierLine key={barrier.id} sort={barrier.sort} from={at(barrier.from)} to={at(barrier.to)} />
      ))}
      {plumes.map(({ id, from, to, share, rare }) => (
        <Path
          key={id}
          d={plumePath(atEdge(at(from), size, MARGIN / 2), at(to), share)}
          fill={palette.rust}
          fillOpacity={rare ? 0.12 : 0.34}
          stroke={palette.rust}
          strokeWidth={1.5}
          strokeDasharray={rare ? '3 4' : undefined}
        />
      ))}
    </>
  );
});

interface BedsProps {
  readonly beds: readonly PlanBedDrawing[];
  readonly palette: Palette;
  readonly scale: number;
}

/** All beds at once: hundreds are one line to the browser. */
const Grounds = memo(function Grounds({ beds, palette, scale }: BedsProps) {
  const { outlines, panes } = useMemo(
    () => ({
      outlines: beds.map(outlineOf).join(''),
      panes: beds.flatMap((bed) => (bed.glass ? [panesOf(bed)] : [])).join(''),
    }),
    [beds],
  );
  return (
    <>
      <Path
        d={outlines}
        fill={palette.paper}
        stroke={palette.edge}
        strokeWidth={1.5 / scale}
        strokeLinejoin="round"
      />
      {panes ? <Path d={panes} stroke={palette.edge} strokeWidth={1 / scale} /> : null}
    </>
  );
});

/** Pollen on its way lies below the plants, so that they can be told. All of a tone and shape at once. */
const Plants = memo(function Plants({ beds, palette, scale }: BedsProps) {
  const radius = radiusAt(scale);
  const patches = useMemo(
    () =>
      [
        ...groupBy(
          beds.flatMap((bed) => bed.patches),
          ({ tone, shape }) => `${tone} ${shape}`,
        ),
      ].map(([id, alike]): PlanPatch => ({ ...alike[0]!, id, spots: alike.flatMap(({ spots }) => spots) })),
    [beds],
  );
  return patches.map((patch) => (
    <Patch key={patch.id} patch={patch} radius={radius} colour={palette[patch.tone]} />
  ));
});

const radiusAt = (scale: number): number => Math.max(0.09, Math.min(0.22, 3 / scale));

interface BedProps {
  readonly bed: PlanBedDrawing;
  readonly palette: Palette;
  readonly scale: number;
}

/** A bed without its plants. Drawn in metres, so that moving the plan draws nothing again. */
const ChosenGround = memo(function ChosenGround({ bed, palette, scale }: BedProps) {
  return (
    <>
      <Path
        d={outlineOf(bed)}
        fill={palette.paper}
        stroke={palette.ink}
        strokeWidth={3 / scale}
        strokeLinejoin="round"
      />
      {bed.glass ? <Path d={panesOf(bed)} stroke={palette.edge} strokeWidth={1 / scale} /> : null}
    </>
  );
});

const BedPlants = memo(function BedPlants({ bed, palette, scale }: BedProps) {
  const radius = radiusAt(scale);
  return bed.patches.map((patch) => (
    <Patch key={patch.id} patch={patch} radius={radius} colour={palette[patch.tone]} />
  ));
});

const outlineOf = (bed: BedBox): string =>
  `M${cornersOf(bed)
    .map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`)
    .join('L')}z`;

/** The bars between the panes over a bed under glass, about a metre apart. */
function panesOf(bed: BedBox): string {
  const [a, b, c, d] = cornersOf(bed) as [PlanSpot, PlanSpot, PlanSpot, PlanSpot];
  const panes = Math.max(2, Math.round(bed.length));
  const between = (one: PlanSpot, other: PlanSpot, share: number): string =>
    `${(one.x + (other.x - one.x) * share).toFixed(3)} ${(one.y + (other.y - one.y) * share).toFixed(3)}`;
  return Array.from({ length: panes - 1 }, (_, i) => (i + 1) / panes)
    .map((share) => `M${between(a, b, share)}L${between(d, c, share)}`)
    .join('');
}

interface PatchProps {
  readonly patch: PlanPatch;
  readonly radius: number;
  readonly colour: string;
}

const Patch = memo(function Patch({ patch, radius, colour }: PatchProps) {
  const d = useMemo(() => plantsPath(patch.spots, patch.shape, radius), [patch, radius]);
  return <Path d={d} fill={colour} fillRule="evenodd" />;
});
