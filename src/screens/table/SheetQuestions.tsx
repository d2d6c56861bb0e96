import { View } from 'react-native';
import type { CellFault, SheetAssumption } from '@/core/records/planDraft';
import type { Sheet } from '@/core/records/sheet/sheet';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { PURPOSE_NAMES } from '../words/names';
import { optionsOf } from '../words/options';
import { SMALL_UNITS } from '../words/sheet';

interface QuestionProps {
  readonly sheet: Sheet;
  readonly onChange: (sheet: Sheet) => void;
}

/** Asked once for the whole table: which of two numbers is the day. */
export function DateQuestion({
  sheet,
  faults,
  onChange,
}: QuestionProps & { readonly faults: readonly CellFault[] }) {
  // Answered, it is gone at once, before the table is read again: nothing then moves under a finger.
  const doubtful = sheet.dates ? undefined : faults.find(({ why }) => why === 'whichDay')?.found;
  if (doubtful === undefined) return null;
  return (
    <Choice
      row
      label={`“${doubtful}”: which is it?`}
      options={optionsOf(daysOf(doubtful))}
      value={undefined}
      onChange={(dates) => onChange({ ...sheet, dates })}
    />
  );
}

/** What is taken for the whole table where it says nothing: what for, the year, the unit between plants. */
export function DefaultQuestions({
  sheet,
  assumed,
  onChange,
}: QuestionProps & { readonly assumed: readonly SheetAssumption[] }) {
  const year = assumed.find((each) => each.code === 'yearGiven')?.params.first.slice(0, 4);
  const unitless = assumed.some(({ code }) => code === 'smallUnit');
  const perRow = assumed.some(({ code }) => code === 'plantsPerRow');
  const otherUnit = sheet.small === 'cm' ? 'in' : 'cm';
  const asksPurpose = assumed.some(({ code }) => code === 'purposeGiven');
  return (
    <View style={{ gap: SPACE.m }}>
      {asksPurpose ? (
        <Choice
          label="What is it grown for, where the table does not say?"
          options={optionsOf(PURPOSE_NAMES)}
          value={sheet.purpose}
          onChange={(purpose) => onChange({ ...sheet, purpose })}
        />
      ) : null}
      {year === undefined ? null : (
        <View style={{ flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: SPACE.s }}>
          <Text style={{ flexShrink: 1 }}>{`Days without a year are in ${year}.`}</Text>
          {[Number(year) - 1, Number(year) + 1].map((other) => (
            <Button
              key={other}
              size="small"
              title={`No, in ${other}`}
              onPress={() => onChange({ ...sheet, year: other })}
            />
          ))}
        </View>
      )}
      {perRow ? (
        <Button
          size="small"
          title={sheet.inAll ? 'They are counted in each row' : 'They are all plants of a line'}
          onPress={() => {
            const { inAll, ...rest } = sheet;
            onChange(inAll ? rest : { ...rest, inAll: true });
          }}
        />
      ) : null}
      {unitless ? (
        <Button
          size="small"
          title={`From plant to plant in ${SMALL_UNITS[otherUnit]} instead`}
          onPress={() => onChange({ ...sheet, small: otherUnit })}
        />
      ) : null}
    </View>
  );
}

const MONTHS = Array.from({ length: 12 }, (_, month) =>
  new Intl.DateTimeFormat('en', { month: 'long', timeZone: 'UTC' }).format(Date.UTC(2026, month, 1)),
);

/** The two days that `5/6/2026` may be, in words. */
function daysOf(written: string): Readonly<Record<'dayFirst' | 'monthFirst', string>> {
  const [a = 1, b = 1] = (written.match(/\d+/g) ?? []).map(Number);
  return { dayFirst: `${a} ${MONTHS[b - 1] ?? ''}`, monthFirst: `${b} ${MONTHS[a - 1] ?? ''}` };
}
