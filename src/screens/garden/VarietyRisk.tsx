import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { VarietyReport } from '@/core/plan/gardenPlan';
import { SeedRow } from '@/ui/charts/SeedRow';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { shareInWords, verdictSentence, type NameOf } from '../words/garden';

export interface VarietyRiskProps {
  readonly report: VarietyReport;
  readonly nameOf: NameOf;
  readonly selected?: boolean;
  readonly onPress: () => void;
}

/** One variety in the list of dangers: its verdict, and twenty of its seeds as they would be. */
export function VarietyRisk({ report, nameOf, selected, onPress }: VarietyRiskProps) {
  const f = useFormat();
  const { variety, isolation, mothers, places } = report;
  const bad = isolation.verdict === 'tooNear';
  const seeds = variety.purpose !== 'eat' && places.length > 0;
  return (
    <View style={{ marginBottom: SPACE.s }}>
      <Line
        glyph={<Glyph name={bad ? 'warn' : 'fruit'} size={28} tone={bad ? 'rust' : 'ink'} />}
        title={variety.name}
        note={`${cropOf(variety.crop).name}. ${verdictSentence(report, nameOf, f)}${
          mothers.enough || variety.purpose === 'eat' ? '' : ' Too few plants for its purpose.'
        }`}
        tone={bad ? 'rust' : 'ink'}
        selected={selected}
        onPress={onPress}
      />
      {seeds ? (
        <View style={{ paddingLeft: 40, paddingRight: SPACE.s }}>
          <SeedRow
            share={isolation.foreign.share}
            high={isolation.foreign.high}
            label={`Left open, seed with a foreign father: ${shareInWords(isolation.foreign, f)}`}
          />
          <Words kind="small" tone="soft">
            {`Left open: ${shareInWords(isolation.foreign, f)} of the seed with a foreign father.`}
          </Words>
        </View>
      ) : null}
    </View>
  );
}
