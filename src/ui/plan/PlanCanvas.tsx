import { memo, useMemo } from 'react';
import { View } from 'react-native';
import Svg, { G, Path, Rect } from 'react-native-svg';
import { usePalette, type Palette } from '../theme';
import { BarrierLine, Beyond, Label, ScaleBar } from './planMarks';
import { MARGIN, toCanvas, type BedBox, type CanvasSize, type PlanSpot, type PlanView } from './planView';
import { plantsPath, type PlantShape } from './plantShape';
import { atEdge, plumePath } from './plume';

/** Plants of one variety in one bed, in the bed's own metres: along its rows and across. */
export interface PlanPatch {
  readonly id: string;
  readonly shape: PlantShape;
  readonly tone: 'leaf' | 'rust' | 'edge';
  readonly spots: readonly PlanSpot[];
}

export interface PlanBedDrawing extends BedBox {
  readonly id: string;
  readonly name: string;
  readonly patches: readonly PlanPatch[];
}

export interface PlanBarrier {
  readonly id: string;
  readonly sort: 'trellis' | 'wall' | 'building' | 'hedge' | 'forage';
  readonly from: PlanSpot;
  readonly to: PlanSpot;
}

/** Foreign pollen on its way. */
export interface PlanPlume {
  readonly id: string;
  readonly from: PlanSpot;
  readonly to: PlanSpot;
  readonly share: number;
  readonly rare: boolean;
}

export interface PlanCanvasProps {
  readonly size: CanvasSize;
  readonly view: PlanView;
  readonly beds: readonly PlanBedDrawing[];
  readonly barriers: readonly PlanBarrier[];
  readonly plumes: readonly PlanPlume[];
  /** What lies outside, drawn at the edge towards it. */
  readonly outside: readonly { readonly id: string; readonly name: string; readonly spot: PlanSpot }[];
  readonly chosenBed?: string;
  /** A bed on its way: only its shadow is left where it lay. */
  readonly lifted?: string;
  readonly label: string;
  /** A length in the grower's words, for the bar of scale. */
  readonly lengthInWords: (metres: number) => string;
}

/** The plan of the garden to scale, north up, with the pollen that comes from where it should not. */
export const PlanCanvas = memo(function PlanCanvas(props: PlanCanvasProps) {
  const { size, view, beds, barriers, plumes, outside, chosenBed, lifted, label, lengthInWords } = props;
  const palette = usePalette();
  const gate = toCanvas({ x: 0, y: 0 }, view, size);
  return (
    <Svg width={size.width} height={size.height} role="img" aria-label={label}>
      <Path
        d={`M${gate.x - 9} ${gate.y + 5}v-10M${gate.x + 9} ${gate.y + 5}v-10M${gate.x - 9} ${gate.y}h18`}
        stroke={palette.soft}
        strokeWidth={2.5}
      />
      {beds.map((bed) => (
        <BedAt
          key={bed.id}
          bed={bed}
          view={view}
          size={size}
          palette={palette}
          chosen={bed.id === chosenBed}
          lifted={bed.id === lifted}
        />
      ))}
      <Between barriers={barriers} plumes={plumes} outside={outside} view={view} size={size} />
      {beds.map(({ id, name, x, y }) => (
        <BedName key={id} name={name} x={x} y={y} view={view} size={size} />
      ))}
      <ScaleBar view={view} size={size} lengthInWords={lengthInWords} />
    </Svg>
  );
});

interface CarriedBedProps extends Pick<PlanCanvasProps, 'view' | 'size'> {
  readonly bed: PlanBedDrawing;
  /** Metres from where it lay. */
  readonly by: PlanSpot;
}

/** A bed on its way, on a sheet of its own over the plan: moving it paints nothing anew. */
export function CarriedBed({ bed, by, view, size }: CarriedBedProps) {
  const translate = [{ translateX: by.x * view.scale }, { translateY: -by.y * view.scale }];
  return (
    <View
      aria-hidden
      style={[size, { position: 'absolute', pointerEvents: 'none', transform: translate }, OWN_LAYER]}
    >
      <OneBed bed={bed} view={view} size={size} />
    </View>
  );
}

/** Asks the browser for a layer of its own; React Native does not know it. */
const OWN_LAYER: object = { willChange: 'transform' };

const OneBed = memo(function OneBed({ bed, view, size }: Omit<CarriedBedProps, 'by'>) {
  const palette = usePalette();
  return (
    <Svg width={size.width} height={size.height}>
      <BedAt bed={bed} view={view} size={size} palette={palette} chosen lifted={false} />
      <BedName name={bed.name} x={bed.x} y={bed.y} view={view} size={size} />
    </Svg>
  );
});

interface BedAtProps extends Pick<PlanCanvasProps, 'view' | 'size'> {
  readonly bed: PlanBedDrawing;
  readonly palette: Palette;
  readonly chosen: boolean;
  readonly lifted: boolean;
}

/** A bed where it lies. */
const BedAt = memo(function BedAt({ bed, view, size, palette, chosen, lifted }: BedAtProps) {
  const corner = toCanvas(bed, view, size);
  return (
    <G
      opacity={lifted ? 0.3 : 1}
      transform={`translate(${corner.x} ${corner.y}) rotate(${-bed.turn}) scale(${view.scale} ${-view.scale})`}
    >
      <Bed bed={bed} palette={palette} scale={view.scale} chosen={chosen} />
    </G>
  );
});

interface BedNameProps extends Pick<PlanCanvasProps, 'view' | 'size'>, PlanSpot {
  readonly name: string;
}

const BedName = memo(function BedName({ name, x, y, view, size }: BedNameProps) {
  const spot = toCanvas({ x, y }, view, size);
  return (
    <G transform={`translate(${spot.x - 6} ${spot.y - 3})`}>
      <Label x={0} y={0} end size={14} head>
        {name}
      </Label>
    </G>
  );
});

/** What stands and comes between the beds. */
const Between = memo(function Between({
  barriers,
  plumes,
  outside,
  view,
  size,
}: Pick<PlanCanvasProps, 'barriers' | 'plumes' | 'outside' | 'view' | 'size'>) {
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
      {outside.map(({ id, name, spot }) => (
        <Beyond key={id} name={name} at={atEdge(at(spot), size, MARGIN / 2)} size={size} />
      ))}
    </>
  );
});

interface BedProps {
  readonly bed: PlanBedDrawing;
  readonly palette: Palette;
  readonly scale: number;
  readonly chosen: boolean;
}

/** Drawn in the bed's own metres, so that moving it draws nothing anew. */
const Bed = memo(function Bed({ bed, palette, scale, chosen }: BedProps) {
  const radius = Math.max(0.09, Math.min(0.22, 3 / scale));
  return (
    <>
      <Rect
        x={0}
        y={0}
        width={bed.length}
        height={bed.width}
        rx={4 / scale}
        fill={palette.paper}
        stroke={chosen ? palette.ink : palette.edge}
        strokeWidth={(chosen ? 3 : 1.5) / scale}
      />
      {bed.patches.map((patch) => (
        <Patch key={patch.id} patch={patch} radius={radius} colour={palette[patch.tone]} />
      ))}
    </>
  );
});

interface PatchProps {
  readonly patch: PlanPatch;
  readonly radius: number;
  readonly colour: string;
}

const Patch = memo(function Patch({ patch, radius, colour }: PatchProps) {
  const d = useMemo(() => plantsPath(patch.spots, patch.shape, radius), [patch, radius]);
  return <Path d={d} fill={colour} fillRule="evenodd" />;
});
