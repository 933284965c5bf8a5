import { randomBytes } from 'node:crypto';
import { drawBelow } from '@/core/base/chance';

export const drawFrom = (below: bigint): bigint => drawBelow(below, randomBytes);
