import type { LucideIcon } from 'lucide-react-native';
import type { ComponentType } from 'react';
import type { Help } from '@/core/notebook/exam';

/** A place of work, as the bar, the rail, the routes and the title of the page know it. */
export type Place = Readonly<{
  id: string;
  /** Where it is in the address: '/' for the place that the app begins with. */
  path: `/${string}`;
  name: string;
  icon: LucideIcon;
  /** What is shown there; fetched when it is first opened, but for the first place. */
  screen: ComponentType;
  /** The help that it is, where an examination can have it off. */
  help?: Help;
}>;

export const definePlace = <const P extends Place>(place: P): P => place;
