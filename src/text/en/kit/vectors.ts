/** Words of the tool Vectors. */
export const vectorWords = {
  name: 'Vectors',
  answers: 'Length, direction, sum, dot and cross product, angle between, projection, area and volume, with a picture.',
  words:
    'vector force velocity bearing compass component magnitude resultant norm scalar product vector product projection parallelogram area triple product volume independent plane space arrow',
  space: 'Dimensions',
  plane: 'In the plane',
  threeD: 'In space',
  as: 'How they are entered',
  components: 'Components',
  polar: 'Length and direction',
  bearing: 'Bearings',
  bearingNote: 'Directions from north, clockwise',
  vectors: 'Vectors',
  length: 'length',
  direction: 'direction',
  compass: 'bearing',
  pair: 'Which two',
  combination: 'Multiples',
  first: 'Enter the components: an empty place counts as 0.',
  picture: 'Picture of the vectors',
  pictureNote: 'Drag a tip to change its vector.',
  spaceNote: 'Drag, or use the arrow keys, to turn the picture.',
  each: 'Each by itself',
  together: 'Two together',
  three: 'All three',
  dependent: 'They are dependent: one of them is a sum of multiples of the others.',
  independent: 'They are independent.',
  fit: 'Turn it back',
} as const;

/** What is told of vectors: as it stands beside the value, and as it is called. */
export const vectorResults = {
  length: { sign: (u: string) => `|${u}|`, name: (u: string) => `length of ${u}` },
  unit: { sign: (u: string) => `${u}/|${u}|`, name: (u: string) => `unit vector of ${u}` },
  direction: { sign: (u: string) => `∠${u}`, name: (u: string) => `direction of ${u} from the x axis` },
  bearing: { sign: (u: string) => `bearing ${u}`, name: (u: string) => `bearing of ${u}` },
  withX: { sign: (u: string) => `∠(${u}, x)`, name: (u: string) => `angle of ${u} with the x axis` },
  withY: { sign: (u: string) => `∠(${u}, y)`, name: (u: string) => `angle of ${u} with the y axis` },
  withZ: { sign: (u: string) => `∠(${u}, z)`, name: (u: string) => `angle of ${u} with the z axis` },
  vector: { sign: (u: string) => u, name: (u: string) => `components of ${u}` },
  sum: { sign: (u: string, v: string) => `${u} + ${v}`, name: (u: string, v: string) => `sum of ${u} and ${v}` },
  difference: { sign: (u: string, v: string) => `${u} − ${v}`, name: (u: string, v: string) => `${u} less ${v}` },
  multiples: {
    sign: (u: string, v: string) => `a${u} + b${v}`,
    name: (u: string, v: string) => `multiples of ${u} and ${v}`,
  },
  dot: { sign: (u: string, v: string) => `${u}·${v}`, name: (u: string, v: string) => `dot product of ${u} and ${v}` },
  cross: {
    sign: (u: string, v: string) => `${u} × ${v}`,
    name: (u: string, v: string) => `cross product of ${u} and ${v}`,
  },
  angle: {
    sign: (u: string, v: string) => `∠(${u}, ${v})`,
    name: (u: string, v: string) => `angle between ${u} and ${v}`,
  },
  projection: {
    sign: (u: string, v: string) => `${u} onto ${v}`,
    name: (u: string, v: string) => `projection of ${u} onto ${v}`,
  },
  area: {
    sign: (u: string, v: string) => `area ${u}, ${v}`,
    name: (u: string, v: string) => `area of the parallelogram of ${u} and ${v}`,
  },
  total: { sign: () => 'u + v + w', name: () => 'sum of all three' },
  triple: { sign: () => 'u·(v × w)', name: () => 'triple product: the volume with its sign' },
} as const;

export type VectorResultId = keyof typeof vectorResults;

/** A vector as it is told of a picture, to four figures. */
export const vectorText = (name: string, parts: readonly number[]): string =>
  `${name} (${parts.map((part) => `${Number(part.toPrecision(4))}`).join('; ')})`;
export const pairText = (u: string, v: string): string => `${u}, ${v}`;
