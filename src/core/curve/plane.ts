/** The part of the plane that is shown, in the units of the axes, and how many pixels it takes. */
export type Frame = Readonly<{
  xFrom: number;
  xTo: number;
  yFrom: number;
  yTo: number;
  width: number;
  height: number;
}>;

/** Points joined by strokes, x and y in turn. One point alone stands by itself. */
export type Stroke = readonly number[];
