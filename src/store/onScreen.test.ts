import "./testing";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { liveQuery } from "dexie";
import { parseHabitat } from "@/core/files";
import { samplesOf } from "@/core/log";
import { started } from "@/core/testing";
import { db } from "./db";
import { listDesigns, putDesign } from "./designs";
import { addSamples } from "./log";
import { fileOnScreen } from "./onScreen";
import { useSession } from "./session";

vi.mock("@/workers/files", async () => {
  const { printHabitat } = await import("@/core/files");
  return { printFile: async (habitat: Parameters<typeof printHabitat>[0]) => new Blob([printHabitat(habitat)]) };
});

const session = () => useSession.getState();

beforeEach(async () => {
  await putDesign(started({ id: "h" }));
  await session().open("h");
});
afterEach(() => vi.restoreAllMocks());

it("the file of what is on the screen holds edits, ticks and readings that could not be kept", async () => {
  vi.spyOn(db().designs, "get").mockRejectedValue(new Error("full"));
  session().edit([{ name: "rename", args: { name: "Not kept" } }]);
  session().act([{ kind: "tick", on: "2026-02-01", dutyId: "mist" }]);
  session().read({ at: "2026-02-01T07:00:00.000Z", place: "coolEnd", humidityRh: 81 });
  await vi.waitFor(() => expect(session().saving.state).toBe("failed"), { timeout: 3000 });
  const file = await fileOnScreen();
  const read = parseHabitat((await file?.blob.text()) ?? "");
  expect(read.ok && read.habitat.design.name).toBe("Not kept");
  expect(read.ok && read.habitat.events.map(({ kind }) => kind)).toEqual(["tick"]);
  expect(read.ok && read.habitat.samples.flatMap(samplesOf).map(({ value }) => value)).toEqual([81]);
});

it("a sample that comes in has no design read again", async () => {
  const read = vi.fn();
  const looking = liveQuery(() => listDesigns()).subscribe(read);
  await vi.waitFor(() => expect(read).toHaveBeenCalledTimes(1));
  await addSamples("h", [{ series: "warmEnd.temperatureC", atMs: Date.UTC(2026, 0, 5), value: 24 }]);
  await new Promise((resolve) => setTimeout(resolve, 100));
  expect(read).toHaveBeenCalledTimes(1);
  await putDesign(started({ id: "h2" }));
  await vi.waitFor(() => expect(read).toHaveBeenCalledTimes(2));
  looking.unsubscribe();
});
