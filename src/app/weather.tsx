import { FormScreen } from '@/screens/forms/FormScreen';
import { Route } from '@/screens/shell/Page';

export default function Weather() {
  return (
    <Route title="Weather">
      <FormScreen form="weather" />
    </Route>
  );
}
