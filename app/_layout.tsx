import { Slot } from 'expo-router';
import { AppFrame } from '@/places/frame/AppFrame';

export default function Layout() {
  return (
    <AppFrame>
      <Slot />
    </AppFrame>
  );
}
