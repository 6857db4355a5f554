import type { Caution } from "../../catalog";
import { plantCautions } from "../../living";
import type { Scene } from "../../scene";
import type { Draft } from "./activity";
import { handsFor } from "./hands";
import { crewWait, growInWait, plantQuarantineWait, quarantineWait } from "./waits";

const once = (cautions: readonly Caution[]): Caution[] => [...new Set(cautions)];

/** Plants bought together and kept apart, then each species in its place. */
export function plantDrafts({ habitat, library }: Scene): Draft[] {
  const { plants } = habitat;
  if (plants.length === 0) return [];
  const apart: Draft = {
    job: "quarantinePlants",
    after: [],
    handsMin: handsFor("quarantinePlants", plants.length),
    wait: plantQuarantineWait(),
    spoils: true,
    quantities: { count: plants.length },
    cautions: ["handWashing"],
  };
  const species = [...new Set(plants.map(({ plantId }) => plantId))];
  const planted = species.map((plantId): Draft => {
    const count = plants.filter((stand) => stand.plantId === plantId).length;
    return {
      job: "plantOut",
      ref: plantId,
      about: { kind: "entry", shelf: "plants", id: plantId },
      after: ["leakTest", "airOut", "laySoil", "setPieces", "fillPieces", "quarantinePlants"],
      handsMin: handsFor("plantOut", count),
      quantities: { count },
      cautions: once([...plantCautions(library.get("plants", plantId)), "handWashing"]),
    };
  });
  return [apart, ...planted];
}

/** Water, starters, and each species of the crew: springtails early, against mould; the rest once it is planted. */
export function wetDrafts({ habitat, ground, library }: Scene): Draft[] {
  const keptL = ground.water?.keptL ?? 0;
  const soak: Draft = {
    job: "soak",
    after: ["dress", "plantOut", "laySoil"],
    handsMin: handsFor("soak"),
    quantities: { waterL: keptL, lineCm: habitat.strata.waterLineCm },
    cautions: [],
  };
  const starters = habitat.starters.map(({ supplyId, amount }): Draft => {
    const { cautions, unit, startsOn = "soil" } = library.get("supplies", supplyId);
    return {
      job: "addStarters",
      ref: supplyId,
      about: { kind: "entry", shelf: "supplies", id: supplyId },
      way: startsOn,
      after: ["laySoil", "plantOut", "dress", "soak"],
      handsMin: handsFor("addStarters"),
      quantities: unit === "litres" ? { looseL: amount } : { count: Math.ceil(amount) },
      cautions,
    };
  });
  const isDressed = habitat.strata.layers.some(({ kind }) => kind === "dressing");
  const crew = habitat.crew.map(({ crewId, count }): Draft => {
    const kind = library.get("crew", crewId);
    const early = kind.group === "springtail";
    return {
      job: "seedCrew",
      ref: crewId,
      about: { kind: "entry", shelf: "crew", id: crewId },
      way: early || !isDressed ? "soil" : "litter",
      after: early
        ? ["leakTest", "airOut", "laySoil"]
        : ["leakTest", "addStarters", "soak", "dress", "plantOut", "laySoil"],
      handsMin: handsFor("seedCrew"),
      wait: crewWait(kind, habitat.build.waiting),
      quantities: { count },
      cautions: ["neverRelease"],
    };
  });
  return [...(keptL > 0 ? [soak] : []), ...starters, ...crew];
}

/** Growing in, the animal's own quarantine, and its coming. */
export function arrivalDrafts({ habitat, animal }: Scene): Draft[] {
  const { waiting } = habitat.build;
  const [least, days, most] = growInWait(animal.growInDays, waiting);
  const grows: Draft = {
    job: "growIn",
    after: ["plantOut"],
    handsMin: handsFor("growIn"),
    wait: [least, days, most],
    quantities: { days },
    cautions: [],
  };
  const apart: Draft = {
    job: "quarantineAnimal",
    after: [],
    handsMin: handsFor("quarantineAnimal"),
    wait: quarantineWait(animal.quarantineDays),
    spoils: true,
    quantities: { days: animal.quarantineDays },
    cautions: ["handWashing"],
  };
  const comes: Draft = {
    job: "moveIn",
    after: ["seedCrew", "runGear", "trimVents", "growIn", "quarantineAnimal"],
    handsMin: handsFor("moveIn"),
    quantities: { count: habitat.brief.count },
    cautions: animal.cautions,
  };
  return [...(habitat.plants.length > 0 ? [grows] : []), ...(waiting.quarantine === "here" ? [apart] : []), comes];
}
