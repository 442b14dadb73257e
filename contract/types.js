// The shapes of the contract as types for the browser: node contract/types.js [--check]
import { readFile, writeFile } from 'node:fs/promises';
import openapiTS, { astToString } from 'openapi-typescript';

const out = new URL('../resources/api/types.gen.ts', import.meta.url);
const contract = JSON.parse(await readFile(new URL('openapi.json', import.meta.url), 'utf8'));
// Only the shapes: which route answers which is said where it is called.
const types = await openapiTS({ ...contract, paths: {} }, { rootTypes: true, rootTypesNoSchemaPrefix: true, silent: true });
const text = '// Made from contract/openapi.json by contract/types.js; do not edit.\n\n' + astToString(types);
if (!process.argv.includes('--check')) {
    await writeFile(out, text);
} else if ((await readFile(out, 'utf8')) !== text) {
    console.error('resources/api/types.gen.ts is stale: run node contract/types.js');
    process.exitCode = 1;
}
