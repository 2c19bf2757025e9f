import { measureCompare } from './compare.ts';
import { measureDecision } from './decisionBench.ts';
import { measureFairness } from './fairness.ts';
import { measureExchange } from './exchange.ts';
import { measureFlood } from './floodBench.ts';
import { measureMisses } from './missesBench.ts';
import { measureMixUps } from './mixupsBench.ts';
import { measureNames } from './namesBench.ts';
import { measurePhones } from './phonesBench.ts';
import { measurePlates } from './plates.ts';
import { measureProfiles } from './profiles.ts';
import { measureReads } from './reads.ts';
import { measureResponses, measureSoundness } from './soundness.ts';
import { measureReteach } from './reteachBench.ts';
import { measureStart } from './startBench.ts';

const TARGET_MS = 20;

console.log(measureProfiles());
console.log(measurePlates());
console.log(measureCompare());
console.log(measureFairness());
console.log(measureSoundness());
console.log(measureResponses());
console.log(measureReteach());
console.log(await measureMisses());
await measureMixUps();
console.log(await measureNames());
console.log(await measureDecision());
console.log(await measureExchange());
console.log(await measureStart());
console.log(await measureFlood());
await measurePhones();

const { baseline, reads } = await measureReads();
console.log(
  `Reads of the demo data, median of 60; who is signed in takes ${baseline.toFixed(1)} ms in the same run.`,
);
for (const r of [...reads].sort((a, b) => b.ms - a.ms)) {
  const over = r.ms > TARGET_MS ? `  over ${TARGET_MS} ms` : '';
  console.log(
    `${r.path.padEnd(20)} ${r.ms.toFixed(1).padStart(6)} ms  ${(r.ms / baseline).toFixed(1).padStart(5)} times the baseline  ${(r.bytes / 1000).toFixed(0).padStart(4)} kB${over}`,
  );
}
const all = reads.map((r) => r.ms).sort((a, b) => a - b);
console.log(`Median over all reads: ${(all[all.length >> 1] ?? 0).toFixed(1)} ms.`);
