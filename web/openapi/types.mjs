// Types from the interface's document. What the client writes in one place for every call (If-Match, basedOn) and what it turns
// into one Problem is left out of them.
import { readFile, writeFile } from 'node:fs/promises';
import process from 'node:process';
import openapiTS, { astToString } from 'openapi-typescript';

const doc = JSON.parse(await readFile(new URL('haar.json', import.meta.url), 'utf8'));
for (const path of Object.values(doc.paths))
  for (const operation of Object.values(path)) {
    if (operation.parameters) operation.parameters = operation.parameters.filter((p) => p.in !== 'header');
    if (operation.parameters?.length === 0) delete operation.parameters;
    for (const status of Object.keys(operation.responses)) if (status >= '400') delete operation.responses[status];
  }
await writeFile(process.argv[2] ?? new URL('../src/lib/api/schema.d.ts', import.meta.url), astToString(await openapiTS(doc)));
