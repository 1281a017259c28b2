// Writes the browser's types from docs/openapi.json, and limits it says while nobody can be asked: node ops/types.mjs [FILE [LIMITS]]
import { readFileSync, writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';

const BLOB = ts.factory.createTypeReferenceNode('Blob');
const to = process.argv[2] ?? 'resources/js/api/schema.generated.ts';
const ast = await openapiTS(new URL('../docs/openapi.json', import.meta.url), {
  // What is uploaded is a file, not its text.
  transform: (schema) => (schema.format === 'binary' ? BLOB : undefined),
});
writeFileSync(to, astToString(ast));

// Limits of core/data/limits.csv that are told at the bench while a wheel turns, with or without a network.
const SAID = ['sound.turns_least', 'sound.turns_wanted', 'sound.taps_loose'];
const rows = readFileSync(new URL('../core/data/limits.csv', import.meta.url), 'utf8')
  .split('\n')
  .map((line) => line.split(','))
  .filter(([name]) => SAID.includes(name));
const said = rows.map(([name, value]) => `  ${name.replace('sound.', '')}: ${Number(value)},`);
writeFileSync(
  process.argv[3] ?? 'resources/js/api/limits.generated.ts',
  `/** From core/data/limits.csv: npm run types. */\nexport const SOUND = {\n${said.join('\n')}\n};\n`,
);
