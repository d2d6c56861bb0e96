import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Glossary() {
  return (
    <Route title="Words" anyGarden>
      <LazyScreen screen="glossary" />
    </Route>
  );
}
