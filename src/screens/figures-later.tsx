import { later } from './Boundary';

const figures = () => import('./figures');

export const Curves = later(async () => (await figures()).Curves);
export const Columns = later(async () => (await figures()).Columns);
