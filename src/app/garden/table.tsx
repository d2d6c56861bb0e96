import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Table() {
  return (
    <Route title="The plan as a table">
      <LateScreen screen="table" />
    </Route>
  );
}
