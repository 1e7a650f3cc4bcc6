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

// The rules of /api/calc with what they take, for the screen that makes a form of each: the same description, and no second one.
const schemas = {};
const take = (node) => {
  if (Array.isArray(node)) node.forEach(take);
  else if (node && typeof node === 'object') {
    const name = node.$ref?.split('/').at(-1);
    if (name && !schemas[name]) {
      schemas[name] = doc.components.schemas[name];
      take(schemas[name]);
    }
    Object.values(node).forEach(take);
  }
};
const rules = Object.entries(doc.paths)
  .filter(([path]) => path.startsWith('/api/calc/'))
  .map(([path, { post }]) => {
    const { schema, example } = post.requestBody.content['application/json'];
    take(schema);
    return { id: path.slice('/api/calc/'.length), summary: post.summary, schema: schema.$ref.split('/').at(-1), example };
  });
await writeFile(
  process.argv[3] ?? new URL('../src/Verdicts/rules.json', import.meta.url),
  `${JSON.stringify({ rules, schemas }, null, 1)}\n`,
);
