// Loaded before a server: on each message it tells how long its event loop was held up at most, and starts anew.
import { monitorEventLoopDelay } from 'node:perf_hooks';

const delay = monitorEventLoopDelay({ resolution: 5 });
delay.enable();
process.on('message', () => {
  process.send?.({ maxMs: delay.max / 1e6, p99Ms: delay.percentile(99) / 1e6 });
  delay.reset();
});
// The monitor keeps no process alive that would end.
process.channel?.unref();
