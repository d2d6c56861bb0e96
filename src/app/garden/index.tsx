import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Garden() {
  return (
    <Route title="Garden">
      <LateScreen screen="garden" />
    </Route>
  );
}
