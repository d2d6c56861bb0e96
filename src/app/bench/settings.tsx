import { SettingsScreen } from '@/screens/bench/SettingsScreen';
import { Route } from '@/screens/shell/Page';

export default function Settings() {
  return (
    <Route title="Settings">
      <SettingsScreen />
    </Route>
  );
}
