import type { LucideIcon } from 'lucide-react-native';
import type { ComponentType } from 'react';

/** A place of work, as the bar, the rail, the routes and the title of the page know it. */
export type Place = Readonly<{
  id: string;
  /** Where it is in the address: '/' for the place that the app begins with. */
  path: `/${string}`;
  name: string;
  icon: LucideIcon;
  /** What is shown there; fetched when it is first opened, but for the first place. */
  screen: ComponentType;
}>;

export const definePlace = <const P extends Place>(place: P): P => place;
