import Head from 'expo-router/head';
import { useCallback, useEffect, useRef, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Scrolling } from '@/ui/parts/scrolling';
import { LOW_FOOT_WIDTH, PAGE_WIDTH, SPACE, usePalette } from '@/ui/theme';
import { Text } from '@/ui/parts/Text';
import { useOpening } from '@/data/hooks/opening';
import { useGarden } from '@/data/hooks/useGarden';
import { Undescribed } from './Undescribed';
import { LoadingPage } from './LoadingPage';
import { useFlat, useLow, useWide } from './useWide';

export interface PageProps {
  /** Name of the page, in the browser's title and, unless `heading` is false, on top. */
  readonly title: string;
  readonly heading?: boolean;
  /** Above the heading. */
  readonly over?: ReactNode;
  readonly children: ReactNode;
  /** Second column on a wide screen, below the first on a phone. */
  readonly aside?: ReactNode;
  /** Stays at the lower edge, under the thumb. */
  readonly foot?: ReactNode;
  /** Do its figures need entries of earlier years? Until they are read it is said that they are not. */
  readonly ofAllYears?: boolean;
}

/** A page of the app: title, one column or two, and what stays under the thumb. */
export function Page({ title, heading = true, over, children, aside, foot, ofAllYears }: PageProps) {
  const wide = useWide();
  // A phone on its side: what stays in view stands beside the page, which would have no height left.
  const besideFoot = useLow() && foot !== undefined && foot !== null;
  const footEndsPage = useFlat() && !besideFoot;
  const palette = usePalette();
  const column = { width: '100%' as const, maxWidth: PAGE_WIDTH, paddingHorizontal: SPACE.l };
  const content = (
    <View style={column}>
      {besideFoot ? null : over}
      {heading ? (
        <Text variant="title" level={1} style={{ marginBottom: SPACE.m }}>
          {title}
        </Text>
      ) : null}
      {ofAllYears ? <StillReading /> : null}
      {children}
      {footEndsPage ? foot : null}
    </View>
  );
  return (
    <View style={{ flex: 1, minHeight: 0, flexDirection: besideFoot ? 'row' : 'column' }}>
      {wide && aside ? (
        <View role="main" style={{ flex: 1, minHeight: 0, flexDirection: 'row' }}>
          <Column of={title} label={title}>
            {content}
          </Column>
          <Column label={`${title}, more`}>
            <View style={column}>{aside}</View>
          </Column>
        </View>
      ) : (
        <Column role="main" of={title} centred={!wide}>
          {content}
          {aside ? <View style={column}>{aside}</View> : null}
        </Column>
      )}
      {besideFoot ? (
        <View
          style={{
            width: LOW_FOOT_WIDTH,
            justifyContent: 'space-between',
            gap: SPACE.s,
            paddingRight: SPACE.l,
            paddingVertical: SPACE.m,
          }}
        >
          <View>{over}</View>
          <View>{foot}</View>
        </View>
      ) : foot && !footEndsPage ? (
        <View style={{ alignItems: wide ? 'flex-start' : 'center', backgroundColor: palette.ground }}>
          <View style={[column, { paddingTop: SPACE.s, paddingBottom: SPACE.m }]}>{foot}</View>
        </View>
      ) : null}
    </View>
  );
}

/** As long as older entries are being read. */
function StillReading() {
  const { store } = useGarden();
  if (store.reading.complete) return null;
  return (
    <Text variant="small" tone="soft" live>
      Older entries are still being read: figures of earlier years may change.
    </Text>
  );
}

interface ColumnProps {
  readonly role?: 'main';
  /** Of something else it is read from the top again. */
  readonly of?: string;
  /** Names the column, where there is more than one. */
  readonly label?: string;
  readonly centred?: boolean;
  readonly children: ReactNode;
}

/** A column that scrolls by itself, by the keyboard too. */
function Column({ role, of, label, centred = false, children }: ColumnProps) {
  const view = useRef<ScrollView>(null);
  // On the web what scrolls is an element of the page.
  const scroller = useCallback(
    () => (view.current?.getScrollableNode() as HTMLElement | null | undefined) ?? null,
    [],
  );
  useEffect(() => view.current?.scrollTo({ y: 0, animated: false }), [of]);
  return (
    <ScrollView
      ref={view}
      role={role ?? 'region'}
      aria-label={label}
      tabIndex={0}
      style={{ flex: 1, minHeight: 0 }}
      contentContainerStyle={{
        alignItems: centred ? 'center' : 'flex-start',
        paddingTop: SPACE.l,
        paddingBottom: SPACE.xl,
      }}
    >
      <Scrolling.Provider value={scroller}>{children}</Scrolling.Provider>
    </ScrollView>
  );
}

export interface RouteProps {
  readonly title: string;
  /** Is it of use without a garden, too? */
  readonly anyGarden?: boolean;
  /** While the garden opens: where the page will have a picture. */
  readonly ground?: ReactNode;
  readonly children: ReactNode;
}

/** A route: its title for the browser, and its screen once a garden is open. */
export function Route({ title, anyGarden = false, ground, children }: RouteProps) {
  const opening = useOpening();
  return (
    <>
      <Head>
        <title>{`${title} · Steady Trowel`}</title>
      </Head>
      {opening.state !== 'open' ? (
        <LoadingPage opening={opening} ground={ground} />
      ) : anyGarden ? (
        children
      ) : (
        <OfGarden>{children}</OfGarden>
      )}
    </>
  );
}

function OfGarden({ children }: { readonly children: ReactNode }) {
  const { store } = useGarden();
  return store.described ? children : <Undescribed />;
}
