import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Bed() {
  return (
    <Route title="A bed">
      <LateScreen screen="bed" />
    </Route>
  );
}
