import "../src/core/library/whole";
import { STOCK } from "../src/core/library";
import { derived, made, started } from "../src/core/testing";
import { sizingOf } from "../src/core/climate";
import { fitted } from "../src/core/gear";
const d = made(started({animalId:"crestedGecko"}), {name:"addGear", args:{id:"lamp",kindId:"halogenLamp"}} as any, {name:"addGear", args:{id:"h",kindId:"ceramicEmitter"}} as any);
const s = { animal: STOCK.get("animals", d.brief.animalId), room: d.brief.room, shell: d.shell, fillCm: 12, surfaceAt: () => 12, gear: fitted(d.gear, STOCK), wet: { leavesM2: .15, leavesKgPerS:{day:[1e-4,2.4e-4],night:[3e-5,9e-5]}, waterM2: 0 }, on: "2026-01-10", library: STOCK } as any;
for (let k=0;k<3;k++){const t=performance.now(); for(let i=0;i<20;i++) sizingOf(s); console.log((performance.now()-t)/20,"ms");}
const x=sizingOf(s); console.log(JSON.stringify(x,(k,v)=>typeof v==='number'?Math.round(v*100)/100:v));
