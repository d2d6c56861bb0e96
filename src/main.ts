import '@expo/metro-runtime';
import { App } from 'expo-router/build/qualified-entry';
import { renderRootComponent } from 'expo-router/build/renderRootComponent';
import { opener } from '@/data/hooks/opening';

declare global {
  var __EXPO_ROUTER_HYDRATE__: boolean;
}

/** Calls once the page as it was written has been painted; one that is hidden is not. */
function afterPaint(go: () => void): void {
  if (document.visibilityState === 'hidden') go();
  else requestAnimationFrame(() => setTimeout(go));
}

/**
 * The page that was written stays until the garden is open, and the app is drawn once, over it. To draw it twice, at
 * first as it was written, takes a slow phone a third of a second longer.
 */
async function start(): Promise<void> {
  const app = App;
  globalThis.__EXPO_ROUTER_HYDRATE__ = false;
  await opener.settled();
  renderRootComponent(app);
}

// The disk is read while the program is evaluated.
opener.begin();
afterPaint(() => void start());
