import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { mix } from './mix';
const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const t=performance.now(); while(performance.now()-t<4000) mix.forEach(e=>parse(e,options));
