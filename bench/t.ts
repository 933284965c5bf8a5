import { compareMix } from './compare';
for (const r of [...compareMix()]) console.log(r[0].padEnd(76), r[1].toFixed(2));
