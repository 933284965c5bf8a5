export { benchCore } from './core';
export { compareMatrices, largeInverse } from './matrices';
export { compareDoubles, compareMix, compareParsing } from './compare';
