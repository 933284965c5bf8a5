/* All that is drawn by the chart package, which comes by itself when the first of it is opened. */
export { CalendarPicture } from './CalendarPicture';
export { LabelPicture } from './LabelPicture';
export { SchedulePicture } from './SchedulePicture';
