import type { Caution, Gear } from "../../catalog";
import { feeds, fitted } from "../../gear";
import type { Scene } from "../../scene";
import type { Draft } from "./activity";
import { handsFor } from "./hands";
import { logWait } from "./waits";

const TRIED: readonly Gear["purpose"][] = ["water", "waterPart"];
const once = (cautions: readonly Caution[]): Caution[] => [...new Set(cautions)];

/** Gear mounted, wired with its probes, tried with the water in, run for a week, the vents trimmed by what it read. */
export function gearDrafts({ habitat, library }: Scene): Draft[] {
  const all = fitted(habitat.gear, library);
  const fed = all.filter(({ piece, kind }) => kind.watts !== null || feeds(piece));
  const wet = all.filter(({ kind }) => TRIED.includes(kind.purpose));
  const cautions = once(all.flatMap(({ kind }) => kind.cautions));
  const { top, openings } = habitat.shell;
  const airs = top.lid !== "glass" || openings.some(({ kind }) => kind === "vent");
  const mount: Draft = {
    job: "mountGear",
    after: ["airOut", "setPieces", "laySoil"],
    handsMin: handsFor("mountGear", all.length),
    quantities: { count: all.length },
    cautions,
  };
  const wire: Draft = {
    job: "wireGear",
    after: ["mountGear", "leakTest"],
    handsMin: handsFor("wireGear", fed.length),
    quantities: { count: fed.length, probeCount: all.filter(({ piece }) => piece.probe !== null).length },
    cautions: once(["electricityWater", ...cautions]),
  };
  const trial: Draft = {
    job: "tryGear",
    after: ["wireGear", "mountGear", "soak"],
    handsMin: handsFor("tryGear", wet.length),
    quantities: { count: wet.length },
    cautions: ["electricityWater", "flooding"],
  };
  const run: Draft = {
    job: "runGear",
    after: ["leakTest", "soak", "dress", "plantOut", "laySoil", "setPieces", "fillPieces", "wireGear", "tryGear"],
    handsMin: handsFor("runGear"),
    wait: logWait(),
    quantities: {},
    cautions: ["electricityWater", "heat"],
  };
  const trim: Draft = {
    job: "trimVents",
    after: ["runGear"],
    handsMin: handsFor("trimVents"),
    quantities: {},
    cautions: [],
  };
  return [
    ...(all.length > 0 ? [mount] : []),
    ...(fed.length > 0 ? [wire] : []),
    ...(wet.length > 0 ? [trial] : []),
    run,
    ...(airs ? [trim] : []),
  ];
}
