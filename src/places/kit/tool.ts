import type { LucideIcon } from 'lucide-react-native';
import type { ComponentType } from 'react';
import type { z } from 'zod/mini';
import type { Help } from '@/core/notebook/exam';

/**
 * A tool of Kit. `answers`: one line on what it answers; `words`: what else it is known by in plain words. `inputs`: its
 * entries in the notebook; it reads whatever is found there, each entry by itself, so that one that is unsound is as it
 * was at first.
 */
export type ToolRecord<E = unknown> = Readonly<{
  id: string;
  name: string;
  answers: string;
  words: string;
  icon: LucideIcon;
  inputs: z.ZodMiniType<E>;
  screen: ComponentType;
  /** The help that it is, where an examination can have it off. */
  help?: Help;
}>;

export const defineTool = <E>(tool: ToolRecord<E>): ToolRecord<E> => tool;
