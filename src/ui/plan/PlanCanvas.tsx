import { memo, useMemo } from 'react';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette, type Palette } from '../theme';
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
  /** A bed on its way, and by how much, metres. */
  readonly carried?: { readonly bed: string; readonly by: PlanSpot };
  readonly label: string;
  /** A length in the grower's words, for the bar of scale. */
  readonly lengthInWords: (metres: number) => string;
}

/** The plan of the garden to scale, north up, with the pollen that comes from where it should not. */
export function PlanCanvas(props: PlanCanvasProps) {
  const { size, view, beds, barriers, plumes, outside, chosenBed, carried, label, lengthInWords } = props;
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
          by={carried?.bed === bed.id ? carried.by : NOWHERE}
          view={view}
          size={size}
          palette={palette}
          chosen={bed.id === chosenBed}
        />
      ))}
      <Between barriers={barriers} plumes={plumes} outside={outside} view={view} size={size} />
      {beds.map(({ id, name, x, y }) => (
        <BedName
          key={id}
          name={name}
          x={x}
          y={y}
          by={carried?.bed === id ? carried.by : NOWHERE}
          view={view}
          size={size}
        />
      ))}
      <ScaleBar view={view} size={size} lengthInWords={lengthInWords} />
    </Svg>
  );
}

const NOWHERE: PlanSpot = { x: 0, y: 0 };

interface BedAtProps extends Pick<PlanCanvasProps, 'view' | 'size'> {
  readonly bed: PlanBedDrawing;
  readonly by: PlanSpot;
  readonly palette: Palette;
  readonly chosen: boolean;
}

/** A bed where it lies. Only the one that is carried draws anew. */
const BedAt = memo(function BedAt({ bed, by, view, size, palette, chosen }: BedAtProps) {
  const corner = toCanvas({ x: bed.x + by.x, y: bed.y + by.y }, view, size);
  return (
    <G
      transform={`translate(${corner.x} ${corner.y}) rotate(${-bed.turn}) scale(${view.scale} ${-view.scale})`}
    >
      <Bed bed={bed} palette={palette} scale={view.scale} chosen={chosen} />
    </G>
  );
});

interface BedNameProps extends Pick<PlanCanvasProps, 'view' | 'size'>, PlanSpot {
  readonly name: string;
  readonly by: PlanSpot;
}

const BedName = memo(function BedName({ name, x, y, by, view, size }: BedNameProps) {
  const spot = toCanvas({ x: x + by.x, y: y + by.y }, view, size);
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

function BarrierLine({ sort, from, to }: Omit<PlanBarrier, 'id'>) {
  const palette = usePalette();
  const line = { x1: from.x, y1: from.y, x2: to.x, y2: to.y };
  switch (sort) {
    case 'trellis':
      return (
        <Line
          {...line}
          stroke={palette.ink}
          strokeWidth={2}
          strokeDasharray="1.500 5"
          strokeLinecap="round"
        />
      );
    case 'wall':
      return <Line {...line} stroke={palette.ink} strokeWidth={4} />;
    case 'building':
      return (
        <>
          <Line {...line} stroke={palette.ink} strokeWidth={9} />
          <Line {...line} stroke={palette.paper} strokeWidth={4} />
        </>
      );
    case 'hedge':
      return (
        <Line
          {...line}
          stroke={palette.leaf}
          strokeWidth={7}
          strokeDasharray="0.100 8"
          strokeLinecap="round"
        />
      );
    case 'forage':
      return (
        <Line
          {...line}
          stroke={palette.petal}
          strokeWidth={9}
          strokeDasharray="0.100 11"
          strokeLinecap="round"
        />
      );
  }
}

function Beyond({
  name,
  at,
  size,
}: {
  readonly name: string;
  readonly at: PlanSpot;
  readonly size: CanvasSize;
}) {
  const palette = usePalette();
  const right = at.x > size.width / 2;
  // At the upper and lower edge the name stands beside its mark, at the sides below it: beds lie between.
  const beside = at.y < MARGIN || at.y > size.height - MARGIN;
  return (
    <>
      <Circle cx={at.x} cy={at.y} r={6} fill={palette.ground} stroke={palette.ink} strokeWidth={2} />
      <Circle cx={at.x} cy={at.y} r={2} fill={palette.ink} />
      <Label
        x={at.x + (beside ? 11 : 8) * (right === beside ? -1 : 1)}
        y={at.y + (beside ? 5 : 22)}
        end={right}
        size={13}
      >
        {name}
      </Label>
    </>
  );
}

interface LabelProps {
  readonly x: number;
  readonly y: number;
  /** Does the text end there, or begin? */
  readonly end: boolean;
  readonly size: number;
  readonly head?: boolean;
  readonly children: string;
}

/** Text with the ground round it, so that it reads over what is drawn beneath. */
function Label({ x, y, end, size, head = false, children }: LabelProps) {
  const palette = usePalette();
  const text = {
    x,
    y,
    textAnchor: end ? ('end' as const) : ('start' as const),
    fontFamily: head ? FACE.head : FACE.text,
    fontWeight: head ? '700' : '600',
    fontSize: size,
  };
  return (
    <>
      <SvgText {...text} stroke={palette.ground} strokeWidth={5} strokeLinejoin="round" fill={palette.ground}>
        {children}
      </SvgText>
      <SvgText {...text} fill={palette.ink}>
        {children}
      </SvgText>
    </>
  );
}

const LENGTHS = [0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];

/** A bar of a round length, so that distances can be judged. */
function ScaleBar({ view, size, lengthInWords }: Pick<PlanCanvasProps, 'view' | 'size' | 'lengthInWords'>) {
  const palette = usePalette();
  const metres = LENGTHS.findLast((each) => each * view.scale <= 90) ?? LENGTHS[0]!;
  const y = size.height - 8;
  return (
    <>
      <Path
        d={`M10 ${y - 4}v4h${(metres * view.scale).toFixed(1)}v-4`}
        fill="none"
        stroke={palette.soft}
        strokeWidth={2}
      />
      <SvgText x={14} y={y - 5} fontFamily={FACE.text} fontSize={12} fill={palette.soft}>
        {lengthInWords(metres)}
      </SvgText>
    </>
  );
}
