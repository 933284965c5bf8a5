import { TamaguiProvider, Theme, View, useMedia } from '@tamagui/core';
import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';
import { useColorScheme } from 'react-native';
import { usePathname, useRouter } from 'expo-router';
import { onFileDrop } from '@/platform/dropped-file';
import { onContrast, onFragment, onPageHide, scaleText, showTheme, titlePage, wantsContrast } from '@/platform/page';
import { words } from '@/text/labels';
import { startApp, startDrawn, useStore } from '@/state/app-store';
import { placeAt, places } from '@/places';
import { ExamBar } from '@/places/exam/ExamBar';
import { useHelp, useIsThere } from '@/places/exam/use-help';
import { MAIN_ID, Places, SkipLink, isMarkBeside } from '@/ui/frame/Places';
import { touchKeys } from '@/ui/key/touched-keys';
import { config } from '@/ui/theme/config';
import { isSpread, useLayout } from '@/ui/theme/layout';
import { palettes } from '@/ui/theme/palette';
import { Notices } from './Notices';
import { Boundary, later } from './Boundary';
import { useFocusOfPlace } from './focus-of-place';
import { useHelpStrokes } from './help-strokes';
import { IsOverContext, OverContext } from './over';
import type { Over } from './over';
import { SavedState } from './SavedState';
import { openLink } from '@/places/files/shared-links';

const OverPage = later(async () => (await import('@/places/beside-the-bench')).OverPage, null);
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

/** The theme, and all that stands in it. */
export function AppFrame({ children }: Readonly<{ children: ReactNode }>) {
  const preference = useStore((s) => s.settings.theme);
  const isDark = useColorScheme() === 'dark';
  const isStrong = useSyncExternalStore(onContrast, wantsContrast);
  const system = isStrong ? 'contrast' : isDark ? 'dark' : 'light';
  const theme = preference === 'system' ? system : preference;
  useEffect(() => showTheme(palettes[theme].desk, theme === 'dark'), [theme]);
  const textSize = useStore((s) => s.settings.textSize);
  useEffect(() => scaleText(textSize / 100), [textSize]);
  return (
    <TamaguiProvider config={config} defaultTheme={theme}>
      <Theme name={theme}>
        <Frame>{children}</Frame>
      </Theme>
    </TamaguiProvider>
  );
}

/** What is said to those who listen. It stands by itself, so that an answer that is told draws nothing else anew. */
function Spoken() {
  return (
    <div role="status" aria-live="polite" className="only-spoken">
      {useStore((s) => s.spoken)}
    </div>
  );
}

/** What all places share: the store brought back, the bar of places, and what there is to say. */
function Frame({ children }: Readonly<{ children: ReactNode }>) {
  const [isReady, setReady] = useState(false);
  const isThere = useIsThere();
  const isOffered = useStore((s) => s.offered !== null);
  const layout = useLayout();
  const { short } = useMedia();
  const [over, setOver] = useState<Over | null>(null);
  const closeOver = useCallback(() => setOver(null), []);
  useEffect(touchKeys, []);
  useEffect(() => onFileDrop((file) => setOver({ panel: 'file', file })), []);
  const hasHelp = useHelp('search');
  useHelpStrokes(
    over !== null || !hasHelp,
    useCallback(() => setOver({ panel: 'help' }), []),
  );
  const path = usePathname();
  const place = placeAt(path);
  const title = place === null ? words.product : `${place.name} · ${words.product}`;
  useEffect(() => titlePage(title), [title]);
  useFocusOfPlace(path, isReady);
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
    <OverContext.Provider value={setOver}>
      <View
        flex={1}
        minWidth={0}
        backgroundColor="$desk"
        flexDirection={isSpread(layout) ? 'row' : 'column-reverse'}
        className="frame"
      >
        <SkipLink />
        <Places
          layout={layout}
          places={places.filter(isThere)}
          current={place}
          onGo={({ path: to }) => router.navigate(to)}
          mark={<ExamBar isSmall />}
        >
          <SavedState />
        </Places>
        <View id={MAIN_ID} role="main" flex={1} minHeight={0} minWidth={0}>
          <Boundary at={path}>
            {isMarkBeside(layout, short) ? null : <ExamBar isSmall={false} />}
            <Notices />
          </Boundary>
          {isReady ? (
            <Boundary at={path}>
              <IsOverContext.Provider value={over !== null}>{children}</IsOverContext.Provider>
              <Drawn />
            </Boundary>
          ) : null}
          {isOffered ? <SharedOffer /> : null}
          {over === null ? null : <OverPage key={over.panel} over={over} onClose={closeOver} />}
        </View>
        <Spoken />
      </View>
    </OverContext.Provider>
  );
}
