// Writes the browser's types from docs/openapi.json: node ops/types.mjs [FILE]
import { writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';

const BLOB = ts.factory.createTypeReferenceNode('Blob');
const to = process.argv[2] ?? 'resources/js/api/schema.generated.ts';
const ast = await openapiTS(new URL('../docs/openapi.json', import.meta.url), {
  // What is uploaded is a file, not its text.
  transform: (schema) => (schema.format === 'binary' ? BLOB : undefined),
});
writeFileSync(to, astToString(ast));
