import { bench } from './bench/place';
import { columns } from './columns/place';
import { curves } from './curves/place';
import type { Place } from './frame/place';
import { kit } from './kit/place';
import { shelf } from './shelf/place';

/** The places of work: one line each. The bar, the rail, the routes and the title of the page follow. */
export const places: readonly Place[] = [bench, curves, columns, kit, shelf];

/** The place at an address; null where there is none. */
export const placeAt = (path: string): Place | null => places.find((place) => place.path === path) ?? null;
