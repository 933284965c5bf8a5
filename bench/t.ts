import { provedIntegral } from '@/core/number/quadrature';
import { op, VARIABLE } from '@/core/number/part';
import * as ball from '@/core/number/ball';
(globalThis as any).DBG=true;
const s=provedIntegral(op('root',op('sin',VARIABLE),{kind:'value',value:{kind:'rational',value:{n:2n,d:1n}}}),ball.exactly(0n),ball.exactly(3n),108,()=>true) as any; console.log(s && typeof s==='object' && ball.upperSize({mid:s.rad,rad:0n,exp:s.exp}));
