import { GardenScreen } from '@/screens/garden/GardenScreen';
import { Route } from '@/screens/shell/Page';

export default function Garden() {
  return (
    <Route title="Garden">
      <GardenScreen />
    </Route>
  );
}
