import { measureMixUps } from './src/mixupsBench.ts';
await measureMixUps();
process.exit(0);
