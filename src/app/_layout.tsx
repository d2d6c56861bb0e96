import { Slot } from 'expo-router';
import { DataProvider } from '@/data/hooks/provider';
import { LazyUndone } from '@/screens/lazy/LazyScreen';
import { Shell } from '@/screens/shell/Shell';

export { ErrorBoundary } from '@/screens/shell/ErrorBoundary';

export default function Layout() {
  return (
    <DataProvider>
      <Shell undone={<LazyUndone />}>
        <Slot />
      </Shell>
    </DataProvider>
  );
}
