// Writes the passwords everybody tries first where the application looks for them, one a line.
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const source = fileURLToPath(import.meta.resolve('@zxcvbn-ts/language-common')).replace(/dist\/.*$/, 'src/passwords.json');
const words = JSON.parse(readFileSync(source, 'utf8')).map((word) => word.toLowerCase());
writeFileSync('bootstrap/cache/common-passwords.txt', `\n${words.join('\n')}\n`);
