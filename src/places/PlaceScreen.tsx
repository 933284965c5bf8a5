import { View } from '@tamagui/core';
import { usePathname, useRouter } from 'expo-router';
import { useIsThere } from '@/places/exam/use-help';
import { closed } from '@/text/exam';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { placeAt } from './index';

/** What every route shows: the place at its address, unless an examination has it closed. */
export function PlaceScreen() {
  const place = placeAt(usePathname());
  const isThere = useIsThere();
  if (place === null) return <NoPlace why={words.noPlace} />;
  return isThere(place) ? <place.screen key={place.id} /> : <NoPlace why={closed(place.name)} />;
}

function NoPlace({ why }: Readonly<{ why: string }>) {
  const router = useRouter();
  return (
    <View role="alert" padding="$4" gap="$3" alignItems="flex-start">
      <Words>{why}</Words>
      <Button onPress={() => router.replace('/')}>{words.toBench}</Button>
    </View>
  );
}
