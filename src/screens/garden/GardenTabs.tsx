import { Link } from 'expo-router';
import { View } from 'react-native';
import { SPACE, TOUCH, usePalette } from '@/ui/theme';
import { Text } from '@/ui/parts/Text';

const PAGES = [
  { href: '/garden', title: 'Plan' },
  { href: '/garden/crossing', title: 'Crossing' },
  { href: '/garden/calendar', title: 'Calendar' },
  { href: '/garden/table', title: 'Table' },
] as const;

/** The garden's pages, side by side. */
export function GardenTabs({ here }: { readonly here: (typeof PAGES)[number]['href'] }) {
  const palette = usePalette();
  return (
    <View
      role="navigation"
      aria-label="Pages of the garden"
      style={{
        flexDirection: 'row',
        borderBottomWidth: 1.5,
        borderColor: palette.line,
        marginBottom: SPACE.m,
      }}
    >
      {PAGES.map(({ href, title }) => {
        const on = href === here;
        return (
          <Link
            key={href}
            href={href}
            aria-current={on ? 'page' : undefined}
            style={{ minHeight: TOUCH.least, paddingRight: SPACE.l, textDecorationLine: 'none' }}
          >
            <View
              style={{
                minHeight: TOUCH.least,
                justifyContent: 'center',
                borderBottomWidth: 4,
                borderColor: on ? palette.ink : 'transparent',
              }}
            >
              <Text variant={on ? 'strong' : 'body'} tone={on ? 'ink' : 'soft'}>
                {title}
              </Text>
            </View>
          </Link>
        );
      })}
    </View>
  );
}
