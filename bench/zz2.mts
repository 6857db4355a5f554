import "../src/core/library/whole";
import { STOCK } from "../src/core/library";
import { demoHabitats } from "../src/demo";
import { sceneOf } from "../src/core/scene";
import { derive } from "../src/core/derive";
import { logNow } from "../src/core/log";
import { mendsOf } from "../src/core/mending";
for (const h of demoHabitats("2026-03-02")) {
  const t=performance.now(); const d=derive(h.design, logNow(h,"2026-03-02"), STOCK); const t1=performance.now();
  console.log(h.design.name, (t1-t).toFixed(0), d.findings.map(f=>f.code).join(" "));
  for (const f of d.findings) { const t=performance.now(); const m=mendsOf(f,d); console.log("   ", f.code, m.length, (performance.now()-t).toFixed(0)); }
}
