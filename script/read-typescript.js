// Node reads TypeScript from here on: node --import ./script/read-typescript.js
import { register } from 'node:module';

register('./typescript-hooks.js', import.meta.url);
