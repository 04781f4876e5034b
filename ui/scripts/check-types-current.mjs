// Fails when the generated API types are not those of openapi.json.
import { readFileSync } from "node:fs";
import openapiTS, { astToString } from "openapi-typescript";

const strip = (text) => text.slice(text.indexOf("export interface paths"));
const fresh = astToString(await openapiTS(new URL("../openapi.json", import.meta.url)));
const kept = readFileSync(new URL("../src/api/schema.d.ts", import.meta.url), "utf8");
if (strip(fresh).trim() !== strip(kept).trim()) {
  console.error(
    "src/api/schema.d.ts does not match openapi.json. Run `npm run types` in ui/ and commit the result.",
  );
  process.exit(1);
}
