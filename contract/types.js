// The contract as types for the browser's client: node contract/types.js [--check]
import { readFile, writeFile } from 'node:fs/promises';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';

const out = new URL('../resources/api/types.gen.ts', import.meta.url);
const contract = JSON.parse(await readFile(new URL('openapi.json', import.meta.url), 'utf8'));
// Any answer but success is an ApiError there: of what went wrong it needs no types.
for (const operation of Object.values(contract.paths).flatMap(Object.values)) {
    operation.responses = Object.fromEntries(Object.entries(operation.responses).filter(([status]) => status.startsWith('2')));
}
const types = await openapiTS(contract, {
    rootTypes: true,
    rootTypesNoSchemaPrefix: true,
    silent: true,
    transform: (schema) => ('contentMediaType' in schema ? ts.factory.createTypeReferenceNode('File') : undefined),
});
const text = '// Made from contract/openapi.json by contract/types.js; do not edit.\n\n' + astToString(types);
if (!process.argv.includes('--check')) {
    await writeFile(out, text);
} else if ((await readFile(out, 'utf8')) !== text) {
    console.error('resources/api/types.gen.ts is stale: run node contract/types.js');
    process.exitCode = 1;
}
