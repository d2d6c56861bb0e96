import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Crossing() {
  return (
    <Route title="Crossing">
      <LateScreen screen="crossing" />
    </Route>
  );
}
