import { expect, it, vi } from "vitest";
import { listen, tell, type Written } from "./channel";

it("a tab hears the others and not itself", async () => {
  const heard: Written[] = [];
  listen((told) => heard.push(told));
  const otherTab = new BroadcastChannel("rincon.written");
  const heardThere: Written[] = [];
  otherTab.onmessage = ({ data }: MessageEvent<Written>) => void heardThere.push(data);
  tell({ habitatId: "h", rev: 2, logRev: 1 });
  await vi.waitFor(() => expect(heardThere).toEqual([{ habitatId: "h", rev: 2, logRev: 1 }]));
  otherTab.postMessage({ habitatId: "h", rev: 3, logRev: 1 });
  await vi.waitFor(() => expect(heard).toEqual([{ habitatId: "h", rev: 3, logRev: 1 }]));
  otherTab.close();
});
