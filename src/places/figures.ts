/** The places that draw. They share the plot, and come as one piece when the first of them is opened. */
export { Columns } from '@/places/columns/Columns';
export { Curves } from '@/places/curves/Curves';
