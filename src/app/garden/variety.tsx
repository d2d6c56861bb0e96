import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Variety() {
  return (
    <Route title="A variety">
      <LateScreen screen="variety" />
    </Route>
  );
}
