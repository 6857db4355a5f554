import "../src/core/library/whole";
import { STOCK } from "../src/core/library";
import { begun, pressedThrough } from "../src/core/testing/newcomer";
import { derived } from "../src/core/testing";
import { draftsOf } from "../src/core/mending/drafts";
import { triedOut, raisedBy, isTold } from "../src/core/mending/trial";
import { meetsOf } from "../src/core/outlook";
const r=(v:any)=>Array.isArray(v)?v.map((x:number)=>Math.round(x*10)/10).join(".."):v;
for (const id of process.argv.slice(2)) {
  const w=pressedThrough(begun({animal: STOCK.get("animals",id), larger:1.15, roomC:21}));
  const d=derived(w.design); const s=w.design.shell;
  console.log("==",id,s.widthCm,s.depthCm,s.heightCm,JSON.stringify(s.top),d.ground.surface.backCm.toFixed(1), w.design.gear.map(g=>`${g.kindId} ${g.powerW} x${g.xCm} up${g.upCm} ${JSON.stringify(g.run)}`).join(" | "));
  for (const m of meetsOf(d.outlook,d.animal)) console.log("   ",m.id,r(m.got),"want",r(m.wanted),m.stand);
  console.log("   needed", r(d.outlook.sizing.neededDayW), r(d.outlook.sizing.neededNightW));
  for (const f of w.left) { const ds=draftsOf(f,d); console.log("  ",f.weight,f.code,JSON.stringify(f.quantities),"drafts",ds.length);
    for (const x of ds) { const a=triedOut(d,x.commands); console.log("       ",JSON.stringify(x.part.quantities), a? (isTold(f,a)?"STILL ":"")+raisedBy(d,a,f.weight).map(q=>q.code+JSON.stringify(q.quantities)).join(" "):"refused"); } }
}
