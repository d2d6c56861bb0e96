import { useState } from 'react';
import { View } from 'react-native';
import { isFollowed } from '@/core/fruit/fruitHistory';
import type { Fruit } from '@/core/fruit/fruits';
import type { Journal } from '@/core/journal/journal';
import type { Bloom } from '@/core/journal/state';
import { formatTagCode, readTagCode, scannedTag, type TagReading } from '@/core/text/tagCode';
import { Button } from '@/ui/parts/Button';
import { Field } from '@/ui/parts/Field';
import { Sheet } from '@/ui/parts/Sheet';
import { SPACE } from '@/ui/theme';
import { ScanCode } from '../shell/ScanCode';

interface FindTagProps {
  /** Of this season: where a tag was used again, the newest is meant. */
  readonly fruits: readonly Fruit[];
  readonly journal: Journal;
  /** Called with the flower. */
  readonly onFound: (flower: string) => void;
}

/** Of all years, the latest; one that is followed before one that nobody pollinated. */
const taggedWith = (code: string, journal: Journal): Bloom | undefined =>
  [...journal.all('bloom').values()]
    .filter(({ code: own, retags = [] }) => own === code || retags.some(({ before }) => before === code))
    .sort(
      (a, b) =>
        Number(isFollowed(b)) - Number(isFollowed(a)) ||
        ((a.day ?? a.keptOn ?? '') < (b.day ?? b.keptOn ?? '') ? 1 : -1),
    )[0];

const MISREAD: Readonly<Record<(TagReading & { readonly ok: false })['why'], (found: string) => string>> = {
  character: (found) => `${found} is never on a tag. Tags have no I, O, S or Z: look for 1, 0, 5 or 2.`,
  length: () => 'A tag has four characters or more.',
  check: () => 'That cannot be a tag: one character is misread. Look again.',
};

type Found = { readonly flower: string } | { readonly error: string };

/** Finds a fruit by the tag on its stalk, typed or scanned; a misread character is caught by the check character. */
export function FindTag({ fruits, journal, onFound }: FindTagProps) {
  const [typed, setTyped] = useState('');
  const [error, setError] = useState<string>();
  const [scanning, setScanning] = useState(false);
  const [scanError, setScanError] = useState<string>();
  const find = (read: TagReading): Found => {
    if (!read.ok) return { error: MISREAD[read.why](read.found) };
    const bloom =
      fruits.find((fruit) => fruit.bloom.code === read.code)?.bloom ?? taggedWith(read.code, journal);
    if (bloom && isFollowed(bloom)) return { flower: bloom.bloom };
    return {
      error: bloom
        ? `${formatTagCode(read.code)} is on a flower that was not pollinated.`
        : `No fruit has the tag ${formatTagCode(read.code)}.`,
    };
  };
  const search = (): void => {
    const found = find(readTagCode(typed));
    if ('flower' in found) onFound(found.flower);
    else setError(found.error);
  };
  const scanned = (text: string): boolean => {
    const read = scannedTag(text);
    const found: Found = read.ok ? find(read) : { error: 'That code is not one of a tag.' };
    if ('error' in found) {
      setScanError(found.error);
      return false;
    }
    setScanning(false);
    onFound(found.flower);
    return true;
  };
  const scan = (open: boolean): void => {
    setScanError(undefined);
    setScanning(open);
  };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-start', gap: SPACE.s }}>
      <View style={{ flexGrow: 1, flexBasis: 160 }}>
        <Field
          label="Search by tag"
          value={typed}
          autoCapitalize="characters"
          error={error}
          onChange={(value) => {
            setTyped(value);
            setError(undefined);
          }}
        />
      </View>
      <Button title="Search" onPress={search} style={{ marginTop: 28 }} />
      <Button
        title="Scan"
        label="Scan the code of a tag"
        onPress={() => scan(true)}
        style={{ marginTop: 28 }}
      />
      <Sheet title="Scan the code of a tag" open={scanning} onClose={() => scan(false)} closeTitle="Close">
        {scanning ? (
          <ScanCode
            what="Hold the code of the tag in front of it."
            instead="type the tag instead"
            onCode={scanned}
            error={scanError}
          />
        ) : null}
      </Sheet>
    </View>
  );
}
