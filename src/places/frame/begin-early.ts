import { restoreKept } from '@/state/app-store';

/** Imported first of all: what was kept is asked for, so that it is there when the page is. */
void restoreKept();
