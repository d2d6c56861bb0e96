import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Plants() {
  return (
    <Route title="Plants">
      <LateScreen screen="plants" />
    </Route>
  );
}
