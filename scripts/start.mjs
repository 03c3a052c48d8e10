// Oskil with your own data, in OSKIL_DATA or ./data.
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { serve } from './lib/serve.mjs';

ensureInstalled();
ensureBuilt();
await serve({ OSKIL_DATA: process.env.OSKIL_DATA ?? './data' });
