/** Squared paper and ink: every colour of the interface, by what it is for. Contrast of text is 4.5 : 1 or more on its ground. */
export type Palette = Readonly<{
  desk: string;
  paper: string;
  card: string;
  ink: string;
  muted: string;
  rule: string;
  grid: string;
  margin: string;
  key: string;
  digitKey: string;
  keyDown: string;
  keyEdge: string;
  accent: string;
  onAccent: string;
  accentDown: string;
  answer: string;
  shade: string;
  curve1: string;
  curve2: string;
  curve3: string;
  curve4: string;
  curve5: string;
  curve6: string;
  curve7: string;
  curve8: string;
}>;

export const light: Palette = {
  desk: '#ede7da',
  paper: '#fbf8f0',
  card: '#fffdf7',
  ink: '#1e2a3a',
  muted: '#566072',
  rule: '#d9d0bd',
  grid: '#ece5d4',
  margin: '#c9a6a6',
  key: '#f5efe2',
  digitKey: '#fffef9',
  keyDown: '#e3d9c4',
  keyEdge: '#8a8069',
  accent: '#a12f45',
  onAccent: '#ffffff',
  accentDown: '#86243a',
  answer: '#0d6656',
  shade: '#1e2a3a66',
  curve1: '#1f4f99',
  curve2: '#a12f45',
  curve3: '#22703a',
  curve4: '#8a5a00',
  curve5: '#6b3fa0',
  curve6: '#5a616b',
  curve7: '#0b6b75',
  curve8: '#7a4a2b',
};

export const dark: Palette = {
  desk: '#0e1216',
  paper: '#151a20',
  card: '#1d232b',
  ink: '#ece8de',
  muted: '#a4adb8',
  rule: '#323b46',
  grid: '#1e252d',
  margin: '#6d4650',
  key: '#1b2129',
  digitKey: '#262e38',
  keyDown: '#39434f',
  keyEdge: '#707c89',
  accent: '#f48ca2',
  onAccent: '#2a0d14',
  accentDown: '#ffb0c0',
  answer: '#62cdb2',
  shade: '#000000a0',
  curve1: '#8ab4ff',
  curve2: '#f48ca2',
  curve3: '#8fd694',
  curve4: '#f0bf5a',
  curve5: '#c9a7ff',
  curve6: '#b8c0ca',
  curve7: '#6fd3df',
  curve8: '#dba98a',
};

/** As far apart as colours can be: black on white, edges drawn. */
export const contrast: Palette = {
  desk: '#ffffff',
  paper: '#ffffff',
  card: '#ffffff',
  ink: '#000000',
  muted: '#262626',
  rule: '#000000',
  grid: '#ffffff',
  margin: '#000000',
  key: '#ffffff',
  digitKey: '#ffffff',
  keyDown: '#d9d9d9',
  keyEdge: '#000000',
  accent: '#8a0022',
  onAccent: '#ffffff',
  accentDown: '#5c0017',
  answer: '#00402f',
  shade: '#000000b0',
  curve1: '#00308f',
  curve2: '#8a0022',
  curve3: '#005a1f',
  curve4: '#6b4400',
  curve5: '#4b0f99',
  curve6: '#333333',
  curve7: '#005560',
  curve8: '#5c2f10',
};

export const palettes = { light, dark, contrast } as const;
