import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Outside() {
  return (
    <Route title="Beyond the garden">
      <LateScreen screen="outside" />
    </Route>
  );
}
