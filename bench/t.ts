import { compareMix, compareParsing } from './compare';
for (const r of [...compareMix(), ...compareParsing()]) console.log(r[0].padEnd(76), r[1].toFixed(2));
