import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Calendar() {
  return (
    <Route title="When it flowers">
      <LateScreen screen="calendar" />
    </Route>
  );
}
