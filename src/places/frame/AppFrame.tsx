import { TamaguiProvider, Theme, View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import type { ReactNode } from 'react';
import { useColorScheme } from 'react-native';
import { usePathname, useRouter } from 'expo-router';
import { onFragment, onPageHide, scaleText, showTheme, titlePage } from '@/platform/page';
import { words } from '@/text/labels';
import { startApp, startDrawn, useStore } from '@/state/app-store';
import { placeAt, places } from '@/places';
import { Places } from '@/ui/frame/Places';
import { config } from '@/ui/theme/config';
import { palettes } from '@/ui/theme/palette';
import { Notices } from './Notices';
import { Boundary, later } from './Boundary';
import { openLink } from '@/places/files/shared-links';

const SharedOffer = later(async () => (await import('@/places/beside-the-bench')).SharedOffer);

/** What may be needed at once later on is fetched when there is time: a network may be gone by then. */
function fetchAhead(): void {
  const pieces = [import('@/places/beside-the-bench'), import('@/places/bench/read-formula')];
  for (const piece of pieces) piece.catch(() => undefined);
}

/** How long what was restored has to stand on the page before the next start need not be careful. */
const STANDS_MS = 2000;

/** Stands beside what was drawn without a failure, and tells so. */
function Drawn() {
  useEffect(() => {
    const timer = setTimeout(() => {
      startDrawn();
      fetchAhead();
    }, STANDS_MS);
    const unhide = onPageHide(startDrawn);
    return () => {
      clearTimeout(timer);
      unhide();
    };
  }, []);
  return null;
}

/** What all places share: the store brought back, the theme, the bar of places, and what there is to say. */
export function AppFrame({ children }: Readonly<{ children: ReactNode }>) {
  const [isReady, setReady] = useState(false);
  const isOffered = useStore((s) => s.offered !== null);
  const preference = useStore((s) => s.settings.theme);
  const spoken = useStore((s) => s.spoken);
  const system = useColorScheme() === 'dark' ? 'dark' : 'light';
  const theme = preference === 'system' ? system : preference;
  useEffect(() => showTheme(palettes[theme].desk, theme === 'dark'), [theme]);
  const textSize = useStore((s) => s.settings.textSize);
  useEffect(() => scaleText(textSize / 100), [textSize]);
  const path = usePathname();
  const place = placeAt(path);
  const title = place === null ? words.product : `${place.name} · ${words.product}`;
  useEffect(() => titlePage(title), [title]);
  const router = useRouter();

  useEffect(() => {
    let stop: (() => void) | null = null;
    let isGone = false;
    void startApp().then((end) => {
      if (isGone) end();
      else stop = end;
      setReady(true);
    });
    return () => {
      isGone = true;
      stop?.();
    };
  }, []);

  useEffect(() => {
    if (!isReady) return undefined;
    // The address is that of the place again once the link was taken up.
    const take = () => {
      if (openLink()) router.replace(place?.path ?? '/');
    };
    take();
    return onFragment(take);
  }, [isReady, place, router]);

  return (
    <TamaguiProvider config={config} defaultTheme={theme}>
      <Theme name={theme}>
        <View
          flex={1}
          minWidth={0}
          backgroundColor="$desk"
          flexDirection="column-reverse"
          $wide={{ flexDirection: 'row' }}
        >
          <Places places={places} current={place} onGo={({ path: to }) => router.navigate(to)} />
          <View role="main" flex={1} minHeight={0} minWidth={0}>
            <Boundary at={path}>
              <Notices />
            </Boundary>
            {isReady ? (
              <Boundary at={path}>
                {children}
                <Drawn />
              </Boundary>
            ) : null}
            {isOffered ? <SharedOffer /> : null}
          </View>
          <View role="status" aria-live="polite" className="only-spoken">
            {spoken}
          </View>
        </View>
      </Theme>
    </TamaguiProvider>
  );
}
