import { View, styled, useTheme } from '@tamagui/core';
import type { LucideIcon } from 'lucide-react-native';
import { words } from '@/text/labels';
import { Pressable } from '../control/Pressable';
import { Words } from '../theme/text';

const Link = styled(Pressable, {
  flexDirection: 'column',
  gap: 3,
  minHeight: 54,
  flexGrow: 1,
  $wide: { flexGrow: 0, minHeight: 64 },
});

type Place = Readonly<{ id: string; name: string; icon: LucideIcon }>;
type Props<P> = Readonly<{ places: readonly P[]; current: P | null; onGo: (place: P) => void }>;

/** The places of work: a bar below on a phone, a rail on a wide screen. */
export function Places<P extends Place>({ places, current, onGo }: Props<P>) {
  const theme = useTheme();
  return (
    <View
      role="navigation"
      aria-label={words.places}
      flexDirection="row"
      backgroundColor="$paper"
      borderTopWidth={1}
      borderColor="$rule"
      flexShrink={0}
      $wide={{
        flexDirection: 'column',
        width: '$rail',
        backgroundColor: '$desk',
        borderTopWidth: 0,
        borderRightWidth: 1,
        paddingTop: 16,
        gap: 8,
      }}
    >
      {places.map((place) => {
        const isHere = place === current;
        return (
          <Link key={place.id} role="link" aria-current={isHere ? 'page' : undefined} onPress={() => onGo(place)}>
            <View aria-hidden>
              <place.icon size={20} strokeWidth={1.8} color={theme[isHere ? 'accent' : 'muted'].get()} />
            </View>
            <Words size="small" strong={isHere} tone={isHere ? 'accent' : 'muted'}>
              {place.name}
            </Words>
          </Link>
        );
      })}
    </View>
  );
}
