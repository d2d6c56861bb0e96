import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Describe() {
  return (
    <Route title="Describe a variety">
      <LateScreen screen="describe" />
    </Route>
  );
}
