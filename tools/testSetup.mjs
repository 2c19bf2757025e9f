import { register } from 'node:module';
import { register as readTypeScript } from 'tsx/esm/api';

readTypeScript();
register('./testGlobals.mjs', import.meta.url);
