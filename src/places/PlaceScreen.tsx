import { View } from '@tamagui/core';
import { usePathname, useRouter } from 'expo-router';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { placeAt } from './index';

/** What every route shows: the place at its address. */
export function PlaceScreen() {
  const place = placeAt(usePathname());
  return place === null ? <NoPlace /> : <place.screen key={place.id} />;
}

function NoPlace() {
  const router = useRouter();
  return (
    <View role="alert" padding="$4" gap="$3" alignItems="flex-start">
      <Words>{words.noPlace}</Words>
      <Button onPress={() => router.replace('/')}>{words.toBench}</Button>
    </View>
  );
}
