import { gaussLegendre } from '@/core/number/legendre';
import { provedIntegral } from '@/core/number/quadrature';
import { op, VARIABLE } from '@/core/number/part';
import * as ball from '@/core/number/ball';
const up=(b:any)=>ball.upperSize({mid:b.rad,rad:0n,exp:b.exp});
for (const [n,b] of [[64,700],[80,700],[120,700],[168,700]] as const) { const x=gaussLegendre(n,b); console.log(n, Math.max(...x.map(k=>up(k.at))), Math.max(...x.map(k=>up(k.weight)))); }
for (const t of [600,674]) console.log(t, up(provedIntegral(op('exp',VARIABLE),ball.exactly(0n),ball.exactly(3n),t,()=>true)));
