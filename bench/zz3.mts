import "../src/core/library/whole";
import fc from "fast-check";
import { anyHabitat } from "../src/core/testing/anyHabitat";
import { derived } from "../src/core/testing";
const finite = (v: unknown): boolean => typeof v === "number" ? Number.isFinite(v) : v instanceof Map ? [...v.values()].every(finite) : typeof v === "object" && v !== null ? Object.values(v).every(finite) : true;
for (const {design,log} of fc.sample(anyHabitat, {numRuns:40, seed:3})) {
  const t=performance.now(); let d; try { d=derived(design,log);} catch(e) {console.log("threw", (e as Error).message); continue;}
  const t1=performance.now(); let bad=[]; for (const [k,v] of Object.entries(d)) if(!finite(v)) bad.push(k);
  if (t1-t>200||bad.length) console.log((t1-t).toFixed(0), bad.join(), design.brief.animalId, design.plants.length, bad.includes("outlook")? JSON.stringify(d.outlook.sizing)+JSON.stringify(d.outlook.soilDriesDays)+JSON.stringify(d.outlook.basking):"");
}
