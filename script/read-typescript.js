// Node reads TypeScript from here on.
import { register } from 'node:module';

register('./typescript-hooks.js', import.meta.url);
