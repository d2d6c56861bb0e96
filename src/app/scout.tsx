import { ScoutScreen } from '@/screens/scout/ScoutScreen';
import { Route } from '@/screens/shell/Page';

export default function Scout() {
  return (
    <Route title="Evening walk">
      <ScoutScreen />
    </Route>
  );
}
