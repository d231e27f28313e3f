// Writes src/api/schema.ts from the core's JSON Schemas, so that the browser and the core never disagree about a field.
import { execFileSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { compile } from "json-schema-to-typescript";

const root = new URL("../..", import.meta.url).pathname;
const { piece, operation } = JSON.parse(execFileSync("bin/peony", ["schema", "--json"], { cwd: root, maxBuffer: 1 << 24 }).toString());
const whole = {
  title: "Peony", type: "object", additionalProperties: false, required: ["piece", "operation"], $defs: piece.$defs,
  properties: { piece: { ...piece, $id: undefined, $schema: undefined, $defs: undefined }, operation },
};
// The conditional parts of an object cannot be told to the generator; each kind is given as a whole instead.
const base = { id: piece.$defs.id, box: piece.$defs.box };
for (const type of ["figure", "chart", "text", "shape", "connector", "clock"]) {
  const { allOf: _, ...own } = piece.$defs[type];
  whole.$defs[type] = { ...own, title: `${type}-object`, required: ["id", "type", "box", ...own.required], properties: { ...base, type: { const: type }, ...own.properties } };
}
whole.$defs.object = { title: "PageObject", oneOf: ["figure", "chart", "text", "shape", "connector", "clock"].map((t) => ({ $ref: `#/$defs/${t}` })) };
const text = await compile(whole, "Peony", { bannerComment: "/* Made by scripts/types.mjs from the core's schemas. */", unreachableDefinitions: true, ignoreMinAndMaxItems: true, additionalProperties: false });
writeFileSync(new URL("../src/api/schema.ts", import.meta.url), text);
