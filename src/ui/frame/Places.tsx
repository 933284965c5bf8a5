import { View, styled, useMedia, useTheme } from '@tamagui/core';
import type { LucideIcon } from 'lucide-react-native';
import type { MouseEvent, ReactNode } from 'react';
import { words } from '@/text/labels';
import { ringWithin } from '../theme/look';
import { isSpread } from '../theme/layout';
import type { Layout } from '../theme/layout';
import { Words } from '../theme/text';

export const MAIN_ID = 'main';

/** The first thing that Tab reaches: it goes past the places, to the work. */
export function SkipLink() {
  return (
    <a
      className="skip"
      href={`#${MAIN_ID}`}
      onClick={(event) => {
        event.preventDefault();
        const main = document.getElementById(MAIN_ID);
        main?.setAttribute('tabindex', '-1');
        main?.focus();
      }}
    >
      {words.skip}
    </a>
  );
}

const Link = styled(View, {
  render: 'a',
  alignItems: 'center',
  justifyContent: 'center',
  gap: 3,
  minWidth: '$target',
  minHeight: 54,
  flexGrow: 1,
  flexBasis: 0,
  cursor: 'pointer',
  ...ringWithin,
  variants: {
    layout: {
      wide: { flexGrow: 0, flexBasis: 'auto', minHeight: 64 },
      flat: { flexGrow: 0, flexBasis: 'auto', minHeight: 60 },
      tall: {},
      tiny: {},
    },
    bare: { true: { minHeight: '$target' } },
  } as const,
});

type Place = Readonly<{ id: string; path: string; name: string; icon: LucideIcon }>;
type Props<P> = Readonly<{
  layout: Layout;
  places: readonly P[];
  current: P | null;
  onGo: (place: P) => void;
  /** Stands at the end of the rail; a bar has no room for it. */
  children?: ReactNode;
  /** Stands beside the places where the page is too low for it to stand above. */
  mark: ReactNode;
}>;

/** A click that asks for another tab or window is the browser's. */
const isPlain = (event: MouseEvent): boolean =>
  event.button === 0 && !event.metaKey && !event.ctrlKey && !event.shiftKey && !event.altKey;

/** Whether what marks the whole page stands beside the places, and not above the page. */
export const isMarkBeside = (layout: Layout, isShort: boolean): boolean =>
  layout === 'flat' || (!isSpread(layout) && isShort);

/** The places of work: a bar below on a phone, a rail on a wide screen or a turned phone. */
export function Places<P extends Place>({ layout, places, current, onGo, children, mark }: Props<P>) {
  const theme = useTheme();
  const { short } = useMedia();
  const isRail = isSpread(layout);
  const isBare = !isRail && short;
  const hasMark = isMarkBeside(layout, short);
  return (
    <View
      role="navigation"
      aria-label={words.places}
      flexShrink={0}
      borderColor="$rule"
      {...(isRail
        ? {
            flexDirection: 'column',
            width: layout === 'wide' ? '$rail' : 68,
            backgroundColor: '$desk',
            borderRightWidth: 1,
            paddingTop: layout === 'wide' ? 16 : 4,
            gap: layout === 'wide' ? 8 : 0,
            className: 'scroll-y key-text',
          }
        : { flexDirection: 'row', backgroundColor: '$paper', borderTopWidth: 1, className: 'key-text' })}
    >
      {places.map((place) => {
        const isHere = place === current;
        return (
          <Link
            key={place.id}
            layout={layout}
            bare={isBare}
            {...({ href: place.path } as object)}
            aria-current={isHere ? 'page' : undefined}
            onClick={(event: MouseEvent) => {
              if (!isPlain(event)) return;
              event.preventDefault();
              onGo(place);
            }}
          >
            {isBare ? null : (
              <View aria-hidden>
                <place.icon size={20} strokeWidth={1.8} color={theme[isHere ? 'accent' : 'muted'].get()} />
              </View>
            )}
            <Words size="small" strong={isHere} tone={isHere ? 'accent' : 'muted'}>
              {place.name}
            </Words>
          </Link>
        );
      })}
      {isRail ? (
        <View marginTop="auto" paddingBottom="$2">
          {hasMark ? mark : null}
          {children}
        </View>
      ) : hasMark ? (
        mark
      ) : null}
    </View>
  );
}
