import { expect, it, vi } from "vitest";
import { listen, tell, type Told } from "./channel";

it("a tab hears the others and not itself", async () => {
  const heard: Told[] = [];
  listen((told) => heard.push(told));
  const otherTab = new BroadcastChannel("rincon.written");
  const heardThere: Told[] = [];
  otherTab.onmessage = ({ data }: MessageEvent<Told>) => void heardThere.push(data);
  tell({ habitatId: "h", rev: 2, logRev: 1 });
  await vi.waitFor(() => expect(heardThere).toEqual([{ habitatId: "h", rev: 2, logRev: 1 }]));
  otherTab.postMessage({ habitatId: "h", rev: 3, logRev: 1 });
  await vi.waitFor(() => expect(heard).toEqual([{ habitatId: "h", rev: 3, logRev: 1 }]));
  otherTab.close();
});
