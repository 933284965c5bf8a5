import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { emptyLine } from '@/core/line/line';
import { printText, TYPED } from '@/core/language/print-text';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { actionOfStroke } from '@/keys/shortcuts';
import { lineText } from './slices/bench/reading';
import { createStore } from './store';

/* The sign =: what is typed or keyed means what stands in the list, whatever has been answered meanwhile. */

const lines = [
  ...['2x+1=15', '5=x+2', 'x=3', 'A=5', 'V=pi*r^2*h', 'x+y=5 and x-y=1', 'x+y=5 and 2x-y=1', 'y=2x+1', 'x^2=2'],
  ...['x^2-5x+6=0', '3x-4=17', 'x^2+1=0', '2=2', '1/2+1/3=5/6', 'sqrt(x)=4', '2^x=8', 'sin(x)=1/2', 'x/3=4'],
  ...['3=x', '0=x^2-4', 'a=b', 'a+b=c', 'E=A^2', 'F=A*B', 'A*B=C', 'A^2+B^2=C^2', 'x=y', 'x=2 or x=3', 'x<=3'],
  ...['x>=3', 'x!=3', '0<x<=3', '1<=x<=2', '2x+1>=15', 'x=1 and y=2', 'not x=3', 'abs(x)=3', 'abs(x-1)=2', 'x=-3'],
  ...['-x=3', '2(x+1)=6', '(x+1)(x-2)=0', 'ln(x)=1', 'log(x)=2', 'e^x=5', 'x!=6 and x=2', '10%*x=5', 'x*10%=5'],
  ...['x^3=27', 'cbrt(x)=3', '1/x=4', '(x+1)/(x-1)=3', 'A:=5', 'A:=2^3', 'x := 4', '3=3=3', 'x=y=z', 'pi=4', '5=5'],
  ...['2x=7 or 3x=1', 'x+0.5=1.5'],
] as const;

const treeText = (text: string): string => {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  return reading.ok ? `${reading.value.target ?? ''} ${printText(reading.value.tree, TYPED)}` : text;
};

test('there are sixty lines and more', () => expect(lines.length).toBeGreaterThanOrEqual(60));

test.each(['boxed', 'typed'] as const)('by the keyboard, written as %s', (view) => {
  const wrong: string[] = [];
  for (const line of lines) {
    const store = createStore();
    const { settings, document } = store.getState();
    store.setState({ settings: { ...settings, view }, document: { ...document, line: emptyLine(view) } });
    for (const key of line) store.getState().press(actionOfStroke({ key, control: false, alt: false, shift: false })!);
    if (treeText(lineText(store.getState())) !== treeText(line)) wrong.push(`${line}: ${lineText(store.getState())}`);
  }
  expect(wrong).toEqual([]);
});

const faces: Readonly<Record<string, KeyId>> = { '+': 'plus', '-': 'minus', '*': 'times', '=': 'equal', '.': 'point' };
const idOf = (sign: string): KeyId => (/\d/.test(sign) ? (`d${sign}` as KeyId) : (faces[sign] ?? (sign as KeyId)));

test('by the keys of the deck: signs between two sides are where they were keyed', () => {
  const keyed = lines.filter((line) => /^[\dxyA-F+*=.-]+$/.test(line));
  expect(keyed.length).toBeGreaterThan(10);
  for (const line of keyed) {
    const store = createStore();
    for (const sign of line) store.getState().press(keys[idOf(sign)].does);
    expect(treeText(lineText(store.getState()))).toBe(treeText(line));
  }
});

test('behind nothing the sign does nothing; behind a line that is ended by it, Enter answers what is there', () => {
  const store = createStore();
  const strokes = (text: string): void => {
    for (const key of text)
      store
        .getState()
        .press(actionOfStroke({ key: key === '⏎' ? 'Enter' : key, control: false, alt: false, shift: false })!);
  };
  strokes('=');
  expect(lineText(store.getState())).toBe('');
  strokes('2+3=');
  expect(lineText(store.getState())).toBe('2+3=');
  strokes('⏎');
  expect(lineText(store.getState())).toBe('2+3');
});
