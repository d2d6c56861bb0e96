import { FilesScreen } from '@/screens/bench/FilesScreen';
import { Route } from '@/screens/shell/Page';

export default function Files() {
  return (
    <Route title="Files">
      <FilesScreen />
    </Route>
  );
}
