import { ReportScreen } from '@/screens/bench/ReportScreen';
import { Route } from '@/screens/shell/Page';

export default function Report() {
  return (
    <Route title="Report">
      <ReportScreen />
    </Route>
  );
}
