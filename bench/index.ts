export { benchCore } from './core';
export { compareDoubles, compareMix, compareParsing } from './compare';
