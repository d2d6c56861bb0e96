import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Barrier() {
  return (
    <Route title="In the way">
      <LateScreen screen="barrier" />
    </Route>
  );
}
