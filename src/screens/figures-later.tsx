import { Suspense, lazy } from 'react';
import type { ComponentType } from 'react';

const figures = () => import('./figures');
const CurvesLater = lazy(async () => ({ default: (await figures()).Curves }));
const ColumnsLater = lazy(async () => ({ default: (await figures()).Columns }));

const shown = (Place: ComponentType) => (
  <Suspense fallback={null}>
    <Place />
  </Suspense>
);

export const Curves = () => shown(CurvesLater);
export const Columns = () => shown(ColumnsLater);
