import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Journal } from '@/core/journal/journal';
import { varietyEver } from '@/core/journal/varietyEver';
import { plantLabel } from '@/core/records/plantLabel';
import type { Forebears, Pedigree } from '@/core/seed/pedigree';
import { useStore } from '@/data/hooks/useGarden';
import { Text } from '@/ui/parts/Text';
import { TreeRow } from '@/ui/parts/TreeRow';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { nameDescent } from '../words/seed';

interface Row {
  readonly key: string;
  readonly branches: readonly boolean[];
  readonly of: Pedigree;
  /** As what it went into the row above it. */
  readonly forebears?: Forebears;
}

/** What a lot comes of, drawn as a tree: its parents below it, theirs below them. */
export function PedigreeTree({ pedigree }: { readonly pedigree: Pedigree }) {
  const router = useRouter();
  const f = useFormat();
  const { journal } = useStore();
  if (!isTold(pedigree)) return null;
  const nameOf = (variety: string): string => varietyEver(journal, variety)?.name ?? 'a variety';
  return (
    <View>
      <Text variant="heading" level={2}>
        Where it comes from
      </Text>
      <View role="list" aria-label="Where it comes from">
        {rowsOf(pedigree, 'root', []).map(({ key, branches, of, forebears }) => {
          const { lot, name, descent, parents, goesOn } = of;
          const what = nameDescent(descent, nameOf);
          const seed = [
            what,
            ...(name !== undefined && name !== what ? [name] : []),
            ...(goesOn ? ['and so on'] : []),
          ].join('. ');
          return (
            <TreeRow
              key={key}
              branches={branches}
              opens={parents.length > 0}
              title={forebears ? sayForebears(forebears, journal, f) : (name ?? what)}
              {...(forebears || name !== undefined ? { note: forebears ? seed : what } : {})}
              {...(forebears &&
                lot !== undefined && {
                  onPress: () => router.push({ pathname: '/seed/[id]', params: { id: lot } }),
                })}
            />
          );
        })}
      </View>
    </View>
  );
}

/** Whose parents alone are known has them named above. */
const isTold = ({ descent, parents }: Pedigree): boolean =>
  parents.length > 0 && (descent.of !== 'line' || parents.some(({ of }) => of.lot !== undefined));

const rowsOf = (of: Pedigree, key: string, branches: readonly boolean[], forebears?: Forebears): Row[] => [
  { key, branches, of, ...(forebears && { forebears }) },
  ...of.parents.flatMap((parent, i) =>
    rowsOf(parent.of, `${key} ${i}`, [...branches, i < of.parents.length - 1], parent),
  ),
];

/** Named one by one while they are few. */
const MOST_NAMED = 3;

const WHO = { mother: 'Mother', father: 'Father', both: 'Mother and father' } as const;
const ALL = { mother: 'mothers', father: 'fathers', both: 'plants, mothers and fathers' } as const;

/** `Mother: A1·3`, `6 plants, mothers and fathers`, with their share where there are others. */
function sayForebears({ as, plants, selfed, share }: Forebears, journal: Journal, f: Format): string {
  const named = plants.map((plant) => plantLabel(journal, plant)).join(', ');
  const who =
    plants.length === 1
      ? `${selfed ? 'Its own pollen' : WHO[as]}: ${named}`
      : `${f.number(plants.length)} ${selfed ? 'plants, own pollen' : ALL[as]}${plants.length > MOST_NAMED ? '' : `: ${named}`}`;
  return as === 'both' || share > 1 - 1e-9 ? who : `${who}, ${f.percent(share)}`;
}
