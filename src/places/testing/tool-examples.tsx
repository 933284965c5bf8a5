import { act } from '@testing-library/react';
import type { Entries } from '@/core/notebook/kit';
import { tools } from '@/places/kit/tools';
import type { ToolRecord } from '@/places/kit/tool';
import { useStore } from '@/state/app-store';
import { ended, settled, started } from './app';

/** What is entered into a tool, and some of what it then tells, as a screen reader would read it. */
export type Example = readonly [entries: Entries, told: readonly string[]];

const toolNamed = (id: string): ToolRecord => (tools as readonly ToolRecord[]).find((tool) => tool.id === id)!;

/** As it is typed here: with plain spaces. */
const plain = (text: string): string => text.replaceAll(/\s/g, ' ');

/** What the rows of results say. */
const rows = (): readonly string[] =>
  [...document.querySelectorAll('[role="listitem"]')].map((row) =>
    plain(row.getAttribute('aria-label') ?? row.textContent),
  );

/**
 * Enters the examples one after the other into one tool that stays open, so that what one leaves behind is seen in the
 * next; answers what was told of each, of that which was to be told, and whatever else there was where it was not.
 */
export async function toldByTool(id: string, examples: readonly Example[]): Promise<readonly Example[]> {
  const { screen: Tool, inputs } = toolNamed(id);
  started(<Tool />);
  const told: Example[] = [];
  for (const [entries, expected] of examples) {
    act(() => useStore.getState().enter(id, { ...(inputs.parse({}) as Entries), ...entries }));
    await settled();
    const [all, page] = [rows(), plain(document.body.textContent)];
    const isTold = expected.every((text) => all.includes(text) || page.includes(text));
    told.push([entries, isTold ? expected : all]);
  }
  ended();
  return told;
}
