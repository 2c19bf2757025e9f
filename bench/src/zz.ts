import { measureMixUps } from './mixupsBench.ts';
await measureMixUps(console.log, true);
