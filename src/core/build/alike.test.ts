import fc from "fast-check";
import { expect, it } from "vitest";
import { blend, makePlan, pantryOf, pouredFor } from "../mix";
import { STOCK } from "../library";
import { worstStanding } from "../living";
import { panelFit, panelSize, wallWork } from "../shell";
import { mixWanted } from "../strata";
import { needs, looseSources, pouredL } from "../supply";
import { derived, scene } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { activities } from "./index";

const BENCH = { vesselL: 20, scoopL: 1, liftKg: 25 };

it("what is mixed, and the water for it, is the same in the build, on the mixing bench and on the shopping list", () => {
  fc.assert(
    fc.property(anyHabitat, ({ design }) => {
      const set = scene(design);
      const pantry = pantryOf(set.library);
      const steps = activities(set).filter(({ job }) => job === "mixSoil");
      if (steps.length === 0) return;
      const inAll = (name: string) => steps.reduce((total, { quantities }) => total + (quantities[name] ?? 0), 0);
      const told = { looseL: inAll("looseL"), waterL: inAll("waterL"), brickWaterL: inAll("brickWaterL") };
      const plans = design.mixes.map((mix) => {
        const { laying } = mixWanted(design, set.ground, mix.id, blend(mix.parts, pantry)?.settlesPct ?? 0);
        return { laying, mix, plan: makePlan(mix.parts, laying, BENCH, pantry) };
      });
      const sum = (pick: (plan: NonNullable<(typeof plans)[0]["plan"]>) => number) =>
        plans.reduce((total, { plan }) => total + (plan ? pick(plan) : 0), 0);
      const wantedL = sum((plan) => plan.moistWaterL + plan.dryWaterL);
      expect(told.waterL + told.brickWaterL).toBeCloseTo(wantedL, 6);
      expect(told.brickWaterL).toBeCloseTo(
        sum((plan) => plan.brickWaterL),
        6,
      );
      expect(told.looseL).toBeCloseTo(
        plans.reduce((total, { laying }) => total + laying.looseL, 0),
        6,
      );
      const measuredL = sum((plan) => plan.measured.reduce((total, { litres }) => total + litres, 0));
      const sources = looseSources(set).filter(({ shelf, where }) => shelf === "ingredients" && where.on !== "mounts");
      const boughtAs = design.strata.layers.filter(
        (layer) => layer.kind === "dressing" && layer.materialId === "charcoalLayer",
      );
      const others = sources.filter(
        ({ where }) => !boughtAs.some(({ id }) => where.on === "layer" && where.layerId === id),
      );
      expect(others.reduce((total, source) => total + pouredL(source), 0)).toBeCloseTo(measuredL, 5);
    }),
    { numRuns: 60 },
  );
});

it("a panel cut as the list says goes in as the check says, whatever the box", () => {
  fc.assert(
    fc.property(anyHabitat, ({ design }) => {
      const { shell } = design;
      for (const treatment of shell.treatments) {
        if (shell.floor.shape !== "rectangle" || wallWork(shell, treatment, STOCK).sheetCm2 === 0) continue;
        if (treatment.fromCm > 0) continue;
        const size = panelSize(shell, treatment);
        const listed = needs(scene(design)).filter(({ amount }) => amount.kind === "sheet");
        expect(listed.map(({ amount }) => amount)).toContainEqual({
          kind: "sheet",
          widthCm: size.widthCm,
          depthCm: size.heightCm,
        });
        const place = treatment.wall === "left" || treatment.wall === "right" ? "side" : "back";
        const panel = { lengthCm: size.widthCm, heightCm: size.heightCm, thicknessCm: treatment.thicknessCm };
        const codes = panelFit(panel, shell, place).map(({ code }) => code);
        expect(codes.filter((code) => code === "tooLong" || code === "tooHigh" || code === "tooShort")).toEqual([]);
      }
    }),
    { numRuns: 60 },
  );
});

it("litres as they lie and litres as poured are one figure for the layer, the strip and the list", () => {
  fc.assert(
    fc.property(anyHabitat, ({ design }) => {
      const set = scene(design);
      for (const level of set.ground.levels) {
        if (level.kind !== "drainage") continue;
        const own = looseSources(set).filter(({ where }) => where.on === "layer" && where.layerId === level.layerId);
        const layer = design.strata.layers.find(({ id }) => id === level.layerId)!;
        const settles = layer.kind === "drainage" ? set.library.get("drainageMedia", layer.materialId).settlesPct : 0;
        expect(own.reduce((sum, source) => sum + pouredL(source), 0)).toBeCloseTo(pouredFor(level.volumeL, settles), 6);
      }
    }),
    { numRuns: 30 },
  );
});

it("what a finding blames a plant for, the list of plants says of it where it stands", () => {
  const BLAMES = ["plantRootsShallow", "plantWantsWetter", "plantWantsDrier", "plantMisplaced", "plantTooDim"];
  fc.assert(
    fc.property(anyHabitat, ({ design }) => {
      const all = derived(design);
      for (const { code, about, weight } of all.findings) {
        if (!BLAMES.includes(code) || weight === "opinion") continue;
        const { plantId } = design.plants.find(({ id }) => id === about)!;
        expect(worstStanding(design, all.plantFits, plantId)?.verdict, code).not.toBe("good");
      }
    }),
    { numRuns: 25 },
  );
});
