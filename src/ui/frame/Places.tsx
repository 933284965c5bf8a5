import { View, styled, useTheme } from '@tamagui/core';
import NotebookPen from 'lucide-react-native/icons/notebook-pen';
import Spline from 'lucide-react-native/icons/spline';
import Table2 from 'lucide-react-native/icons/table-2';
import Library from 'lucide-react-native/icons/library';
import { curveWords } from '@/text/curve-labels';
import { words } from '@/text/labels';
import { Pressable } from '../control/Pressable';
import { Words } from '../theme/text';

export const placeIds = ['bench', 'curves', 'columns', 'shelf'] as const;
export type PlaceId = (typeof placeIds)[number];

const Place = styled(Pressable, {
  flexDirection: 'column',
  gap: 3,
  minHeight: 54,
  flexGrow: 1,
  $wide: { flexGrow: 0, minHeight: 64 },
});

const pictures = { bench: NotebookPen, curves: Spline, columns: Table2, shelf: Library } as const;
const names: Readonly<Record<PlaceId, string>> = {
  bench: words.bench,
  curves: curveWords.curves,
  columns: words.columns,
  shelf: words.shelf,
};

type Props = Readonly<{ current: PlaceId; onGo: (place: PlaceId) => void }>;

/** The places of work: a bar below on a phone, a rail on a wide screen. */
export function Places({ current, onGo }: Props) {
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
      {placeIds.map((id) => {
        const Picture = pictures[id];
        const isHere = id === current;
        return (
          <Place key={id} role="link" aria-current={isHere ? 'page' : undefined} onPress={() => onGo(id)}>
            <View aria-hidden>
              <Picture size={20} strokeWidth={1.8} color={theme[isHere ? 'accent' : 'muted'].get()} />
            </View>
            <Words size="small" strong={isHere} tone={isHere ? 'accent' : 'muted'}>
              {names[id]}
            </Words>
          </Place>
        );
      })}
    </View>
  );
}
