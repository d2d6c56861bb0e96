import { OpenNowScreen } from '@/screens/open/OpenNowScreen';
import { Route } from '@/screens/shell/Page';

export default function Open() {
  return (
    <Route title="Open now">
      <OpenNowScreen />
    </Route>
  );
}
