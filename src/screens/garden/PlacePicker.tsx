import { useState } from 'react';
import { View } from 'react-native';
import { wallNow } from '@/data/clock';
import { usePlaceSearch } from '@/data/hooks/usePlaceSearch';
import type { Place } from '@/data/places/findPlaces';
import { Button } from '@/ui/parts/Button';
import { Field } from '@/ui/parts/Field';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormatIn } from '../format/useFormat';

export interface PlacePickerProps {
  readonly place: Place | undefined;
  readonly onPlace: (place: Place | undefined) => void;
  readonly error?: string;
}

/** Where the garden is: a town near by, coordinates in any notation, or where the device is. */
export function PlacePicker({ place, onPlace, error }: PlacePickerProps) {
  return place ? (
    <Chosen place={place} onPlace={onPlace} />
  ) : (
    <SearchPlace onPlace={onPlace} {...(error && { error })} />
  );
}

type SearchProps = Pick<PlacePickerProps, 'onPlace' | 'error'>;

function SearchPlace({ onPlace, error }: SearchProps) {
  const { found, failed, largerOnly, search, at } = usePlaceSearch();
  const [typed, setTyped] = useState('');
  const [trouble, setTrouble] = useState<string>();
  const locate = (): void => {
    setTrouble(undefined);
    const refuse = (): void =>
      setTrouble('The device does not give its location. Search for a town near by.');
    if (!navigator.geolocation) refuse();
    else
      navigator.geolocation.getCurrentPosition(
        ({ coords: { latitude, longitude } }) => void at({ latitude, longitude }).then(onPlace),
        refuse,
      );
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Field
        label="Nearest town, or coordinates"
        value={typed}
        onChange={(text) => {
          setTyped(text);
          search(text);
        }}
        note="A town within some 50 km is near enough. After a comma the country: Bergen, Norway. Or 60.4, 5.3"
        error={error}
        autoCapitalize="words"
      />
      {found?.map((each) => (
        <ListRow
          key={`${each.name}, ${each.region} ${each.latitude}`}
          title={each.name}
          note={each.region}
          onPress={() => onPlace(each)}
        />
      ))}
      {found && found.length > 0 ? (
        <Text variant="small" tone="soft">
          Towns: GeoNames, CC BY 4.0
        </Text>
      ) : null}
      {found?.length === 0 && typed.trim().length > 2 && !failed ? (
        <Text tone="soft" live>
          {`No town is known by that name.${largerOnly ? ' Without a network only larger towns are.' : ''} Try a larger one near by, its English name, or coordinates from a map.`}
        </Text>
      ) : null}
      {failed ? (
        <Text tone="rust" live>
          The list of towns could not be loaded. Open this page once with a network.
        </Text>
      ) : null}
      <Button title="Use this device’s location" onPress={locate} />
      {trouble ? (
        <Text tone="rust" live>
          {trouble}
        </Text>
      ) : null}
    </View>
  );
}

interface ChosenProps {
  readonly place: Place;
  readonly onPlace: PlacePickerProps['onPlace'];
}

const DIGITS = 2;

function Chosen({ place, onPlace }: ChosenProps) {
  const { name, region, latitude, longitude, zone } = place;
  const f = useFormatIn(zone);
  const [zones, setZones] = useState(false);
  const north = `${f.number(Math.abs(latitude), DIGITS)}° ${latitude < 0 ? 'south' : 'north'}`;
  const east = `${f.number(Math.abs(longitude), DIGITS)}° ${longitude < 0 ? 'west' : 'east'}`;
  return (
    <View style={{ gap: SPACE.xs }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
        <View style={{ flex: 1 }}>
          <Text variant="strong" live>
            {[name, region].filter(Boolean).join(', ')}
          </Text>
          <Text variant="small" tone="soft">{`${north}, ${east}. Now ${f.time(wallNow())} there.`}</Text>
        </View>
        <Button title="Change" label="Change the place" onPress={() => onPlace(undefined)} />
      </View>
      <Button variant="quiet" title="Is it another time there?" onPress={() => setZones(true)} />
      <Sheet title="Time zone" open={zones} onClose={() => setZones(false)} closeTitle="Close">
        <ZoneList
          zone={zone}
          onZone={(chosen) => {
            onPlace({ ...place, zone: chosen });
            setZones(false);
          }}
        />
      </Sheet>
    </View>
  );
}

const MAX_ZONES = 8;

/** All zones there are, narrowed by what is typed. */
function ZoneList({ zone, onZone }: { readonly zone: string; readonly onZone: (zone: string) => void }) {
  const [typed, setTyped] = useState('');
  const words = typed
    .toLowerCase()
    .split(/[\s/_]+/)
    .filter(Boolean);
  const found = Intl.supportedValuesOf('timeZone').filter((each) =>
    words.every((word) => each.toLowerCase().includes(word)),
  );
  const shown = words.length === 0 ? [zone] : found.slice(0, MAX_ZONES);
  return (
    <View>
      <Field label="A city of that zone" value={typed} onChange={setTyped} autoCapitalize="none" />
      {shown.map((each) => (
        <ZoneRow key={each} zone={each} chosen={each === zone} onPress={() => onZone(each)} />
      ))}
      {shown.length === 0 ? <Text tone="soft">No zone has that name.</Text> : null}
    </View>
  );
}

interface ZoneRowProps {
  readonly zone: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function ZoneRow({ zone, chosen, onPress }: ZoneRowProps) {
  const f = useFormatIn(zone);
  return (
    <ListRow
      title={zone.replaceAll('_', ' ')}
      note={`Now ${f.time(wallNow())} there`}
      selected={chosen}
      onPress={onPress}
    />
  );
}
