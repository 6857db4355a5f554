import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it } from "vitest";
import { applyCommand, startHabitat, type Habitat } from "@/core/habitat";
import { db } from "./db";
import { getHabitat, listHabitats, putHabitat, putHabitats, removeHabitat, takeIn } from "./habitats";
import { keepUnsaved } from "./journal";

const kept = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  },
});

const habitat = (id: string, name = "Fernwall", createdAt = "2026-01-05T08:00:00Z"): Habitat =>
  startHabitat({
    id,
    name,
    createdAt,
    startOn: "2026-01-05",
    animalId: "crocodileSkink",
    count: 2,
    room: { temperatureC: 21, humidityRh: 45 },
    shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" },
  });
const deepened = (of: Habitat) => applyCommand(of, { name: "setDepth", args: { layerId: "drainage-1", depthCm: 7 } });
const names = async () =>
  (await listHabitats()).map((one) => (one.ok ? one.habitat.name : `broken ${one.problem.code}`));

beforeEach(async () => {
  kept.clear();
  await db().habitats.clear();
});

describe("habitats on this device", () => {
  it("come back as they were put, in the order they were started", async () => {
    const late = habitat("b", "Late", "2026-03-01T08:00:00Z");
    await putHabitats([late, habitat("a", "Early")]);
    expect(await names()).toEqual(["Early", "Late"]);
    expect(await getHabitat("b")).toMatchObject({ ok: true, habitat: late });
    await removeHabitat("a");
    expect(await names()).toEqual(["Late"]);
    expect(await getHabitat("a")).toBeUndefined();
  });

  it("that do not open are told with their reason and keep their raw document", async () => {
    const raw = { ...habitat("x"), formatVersion: 99 };
    await db().habitats.put({ id: "x", updatedAt: "2026-01-01T00:00:00Z", document: raw });
    await putHabitat(habitat("y"));
    expect(await names()).toEqual(["broken file.newer", "Fernwall"]);
    expect(await getHabitat("x")).toMatchObject({ ok: false, raw, problem: { code: "file.newer", found: 99 } });
  });
});

describe("taking a file in", () => {
  it("adds a new one, and says so when it is there already, unchanged", async () => {
    expect(await takeIn(habitat("a"))).toBe("added");
    expect(await takeIn(habitat("a"))).toBe("same");
    expect(await names()).toHaveLength(1);
  });

  it("replaces one with the same id and keeps the one before beside it: nothing is lost", async () => {
    const mine = deepened(habitat("a"));
    await putHabitat(mine);
    expect(await takeIn(habitat("a"))).toBe("replaced");
    const all = await listHabitats();
    expect(all).toHaveLength(2);
    const depths = all
      .map((one) => (one.ok ? one.habitat.strata.layers[0] : undefined))
      .map((layer) => (layer?.kind === "drainage" ? layer.depthCm : undefined));
    expect(depths.sort()).toEqual([5, 7]);
    const before = all.find((one) => one.ok && one.habitat.id !== "a");
    expect(before?.ok && { ...before.habitat, id: "a" }).toEqual(mine);
  });
});

describe("what a closing page had not written", () => {
  it("is picked up when the habitat opens again, once", async () => {
    await putHabitat(habitat("a"));
    keepUnsaved(deepened(habitat("a")));
    expect(await getHabitat("a")).toMatchObject({ ok: true, habitat: deepened(habitat("a")) });
    expect(kept.size).toBe(0);
    expect(await getHabitat("a")).toMatchObject({ ok: true, habitat: deepened(habitat("a")) });
  });

  it("is left alone when it is damaged", async () => {
    await putHabitat(habitat("a"));
    kept.set("rincon.unsaved.a", '{"format":"rincon-hab');
    expect(await getHabitat("a")).toMatchObject({ ok: true, habitat: habitat("a") });
  });
});
