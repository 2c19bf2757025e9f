import { measureMixUps } from './mixupsBench.ts';
await measureMixUps(console.log, process.argv[2] === 'plain');
