import { mkdirSync } from 'node:fs';
import { fitting } from './leaf.js';

/** Makes what this machine needs to speak HTTPS in a folder, unless it is there; says where as JSON. Further addresses follow the folder. */
const [folder = '.', ...further] = process.argv.slice(2);
mkdirSync(folder, { recursive: true, mode: 0o700 });
console.log(JSON.stringify(await fitting(folder, further)));
