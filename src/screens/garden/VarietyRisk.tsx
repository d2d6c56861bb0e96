import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { PlannedVariety, VarietyReport } from '@/core/planning/gardenPlan';
import { SeedRow } from '@/ui/charts/SeedRow';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { LongList } from '@/ui/parts/LongList';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import type { PlanOfGarden } from './usePlan';
import { plantingName, sayShare, verdictSentence, type NameOf } from '../words/garden';

interface VarietyRiskProps {
  readonly planned: PlannedVariety;
  /** Missing while it is worked out. */
  readonly report: VarietyReport | undefined;
  readonly nameOf: NameOf;
  readonly selected?: boolean;
  readonly onPress: () => void;
}

/** Until the worker has answered. */
export const WORKING_OUT = 'Working out what crosses with it…';

/** One variety in the list of risks: its verdict, and twenty of its seeds as they would be. */
function VarietyRisk({ planned, report, nameOf, selected, onPress }: VarietyRiskProps) {
  const f = useFormat();
  const { variety, places } = planned;
  const bad = report?.isolation.verdict === 'tooClose';
  const left = variety.purpose !== 'eat' && places.length > 0 ? report?.isolation.outcrossing : undefined;
  const verdict = report ? verdictSentence(report, nameOf, f) : WORKING_OUT;
  return (
    <View style={{ marginBottom: SPACE.s }}>
      <ListRow
        glyph={<Glyph name={bad ? 'warn' : 'fruit'} size={28} tone={bad ? 'rust' : 'ink'} />}
        title={plantingName(planned, f)}
        note={`${cropOf(variety.crop).name}. ${verdict}${
          !report || report.mothers.enough || variety.purpose === 'eat'
            ? ''
            : ' Too few plants for its purpose.'
        }`}
        tone={bad ? 'rust' : 'ink'}
        selected={selected}
        onPress={onPress}
      />
      {left ? (
        <View style={{ paddingLeft: 40, paddingRight: SPACE.s }}>
          <SeedRow
            share={left.share}
            high={left.high}
            label={`Without covers, seed with a foreign father: ${sayShare(left, f)}`}
          />
          <Text variant="small" tone="soft">
            {`Without covers: ${sayShare(left, f)} of the seed with a foreign father.`}
          </Text>
        </View>
      ) : null}
    </View>
  );
}

/** With its verdict and twenty seeds, px. */
const ROW_HEIGHT = 140;

interface VarietyRisksProps {
  readonly view: PlanOfGarden;
  readonly chosen?: string | undefined;
  /** Called with the variety. */
  readonly onShow: (variety: string) => void;
}

/** All varieties with what they are in risk of. */
export function VarietyRisks({ view, chosen, onShow }: VarietyRisksProps) {
  return (
    <LongList items={view.varieties} keyOf={({ planting }) => planting} rowHeight={ROW_HEIGHT}>
      {(planned) => (
        <VarietyRisk
          planned={planned}
          report={view.reports?.get(planned.planting)}
          nameOf={view.nameOf}
          selected={planned.variety.variety === chosen}
          onPress={() => onShow(planned.variety.variety)}
        />
      )}
    </LongList>
  );
}
