/** `npm run models`: writes docs/models.md from the models themselves. */
import { writeFileSync } from 'node:fs';
import { modelsMarkdown } from '../src/core/models';

writeFileSync(new URL('../docs/models.md', import.meta.url), modelsMarkdown());
