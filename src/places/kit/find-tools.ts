import { findable, found } from '@/text/search';
import { tools } from './tools';

const all = tools.map((tool) => findable(tool, tool.name, tool.words, tool.answers));

const MOST = 12;

/** Tools that fit plain words, the best first. */
export const findTools = (sought: string) => found(all, sought, MOST);
