import { Slot } from 'expo-router';
import { AppFrame } from '@/screens/AppFrame';

export default function Layout() {
  return (
    <AppFrame>
      <Slot />
    </AppFrame>
  );
}
