import "../src/core/library/whole";
import { STOCK } from "../src/core/library";
import { begun, pressedThrough } from "../src/core/testing/newcomer";
import { derived } from "../src/core/testing";
import { draftsOf } from "../src/core/mending/drafts";
import { triedOut, raisedBy } from "../src/core/mending/trial";
const w=pressedThrough(begun({animal: STOCK.get("animals",process.argv[2]!), larger:1.15, roomC:21}));
const d=derived(w.design);
const f=d.findings.find(x=>x.code===process.argv[3])!;
for (const x of draftsOf(f,d)) { let cmds=[...x.commands]; console.log("draft",JSON.stringify(x.part.quantities), JSON.stringify(cmds.filter((c:any)=>c.name==="addGear").map((c:any)=>[c.args.kindId,c.args.upCm,c.args.place,c.args.xCm,c.args.yCm])));
  for (let k=0;k<5;k++){ const a=triedOut(d,cmds); if(!a){console.log("  refused");break;} const r=raisedBy(d,a,f.weight); console.log("  ",k,r.map(q=>q.code+JSON.stringify(q.quantities)).join(" ")); if(!r[0])break; const ds=draftsOf(r[0],a).filter(y=>y.commands.length>0&&!y.givesUp&&!y.alone); console.log("     drafts for",r[0].code,ds.length); if(!ds[0])break; cmds=[...cmds,...ds[0].commands]; } }
