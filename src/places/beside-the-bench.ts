/**
 * Everything but the Bench itself. It comes as one piece when the first of it is opened, or ahead of that: what several
 * pieces shared (the plot, the dialogs and other parts of the interface kit) would have to come with the first load.
 */
export { ClassView } from './bench/ClassView';
export { BenchSheets } from './bench/BenchSheets';
export { SolvePanel } from './bench/SolvePanel';
export { Columns } from './columns/Columns';
export { Curves } from './curves/Curves';
export { Kit } from './kit/Kit';
export { LongTape } from '@/ui/tape/LongTape';
export { OverPage } from './frame/OverPage';
export { SharedOffer } from './frame/SharedOffer';
export { Shelf } from './shelf/Shelf';
