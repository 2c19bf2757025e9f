import { expect, test } from '@jest/globals';
import { inThread } from './index.ts';

test('a request that cannot be copied is refused, and its thread does not stay behind', async () => {
  const module = new URL('./echo.testing.ts', import.meta.url);
  await expect(inThread(module, { made: () => 1 })).rejects.toThrow('could not be cloned');
});
