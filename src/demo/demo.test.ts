import { describe, expect, it } from "vitest";
import { derive } from "@/core/derive";
import { parseHabitat, printHabitat } from "@/core/files";
import { checkHabitat } from "@/core/habitat";
import { dueList } from "@/core/keeping";
import { STOCK } from "@/core/library";
import { logNow } from "@/core/log";
import { sceneOf } from "@/core/scene";
import { demoHabitats } from "./index";

const TODAY = "2026-03-02";
const shelf = demoHabitats(TODAY);
const named = (name: string) => shelf.find(({ design }) => design.name === name)!;
const findingsOf = (name: string) => derive(named(name).design, logNow(named(name), TODAY), STOCK).findings;

describe("the demo shelf", () => {
  it("is seven valid habitats that survive a file, the same for the same day", () => {
    expect(shelf).toHaveLength(7);
    for (const habitat of shelf) {
      expect(checkHabitat(habitat.design, STOCK), habitat.design.name).toEqual([]);
      expect(parseHabitat(printHabitat(habitat))).toEqual({ ok: true, habitat });
    }
    expect(demoHabitats(TODAY)).toEqual(shelf);
  });

  it("has sound boxes, dry, zoned and tall, and one whose risen water line asks for a mend", () => {
    for (const name of ["Dry Wash", "Kiln End", "Chimney"]) expect(findingsOf(name), name).toEqual([]);
    expect(findingsOf("Lantern Gully").map((finding) => finding.code)).toContain("waterOverSafeLine");
  });

  it("has twins that differ in nothing but the depth of their litter", () => {
    const [thin, deep] = [named("Twin, thin litter").design, named("Twin, deep litter").design];
    const without = (habitat: typeof thin) => ({
      ...habitat.strata,
      layers: habitat.strata.layers.filter((layer) => layer.kind !== "dressing"),
      shell: habitat.shell,
      mixes: habitat.mixes,
      plants: habitat.plants,
      crew: habitat.crew,
    });
    expect(without(thin)).toEqual(without(deep));
    expect(thin.strata).not.toEqual(deep.strata);
  });

  it("has something due, something late and something later", () => {
    const due = shelf.flatMap((habitat) =>
      dueList(sceneOf(habitat.design, STOCK), logNow(habitat, TODAY), TODAY).map((duty) => duty.inDays),
    );
    expect(due.some((days) => days < 0) && due.includes(0) && due.some((days) => days > 0)).toBe(true);
  });
});
