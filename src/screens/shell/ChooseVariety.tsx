import { byName } from '@/core/text/byName';
import { ChooseOne } from './ChooseOne';

/** Stands for all varieties. */
export const ALL_VARIETIES = '';

interface ChooseVarietyProps {
  /** By id. */
  readonly names: ReadonlyMap<string, string>;
  readonly value: string;
  readonly onChange: (variety: string) => void;
}

/** Of which variety a list is shown, where it is of several. */
export function ChooseVariety({ names, value, onChange }: ChooseVarietyProps) {
  if (names.size <= 1) return null;
  return (
    <ChooseOne
      name="Of"
      sheet="Of which variety"
      value={value}
      options={[
        { value: ALL_VARIETIES, title: 'All varieties', short: 'all varieties' },
        ...[...names].map(([id, title]) => ({ value: id, title })).sort((a, b) => byName(a.title, b.title)),
      ]}
      onChange={onChange}
    />
  );
}
