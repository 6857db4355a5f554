import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoHabitats } from "../../demo";
import { derive, type Derived } from "../derive";
import { STOCK } from "../library";
import type { FitCode } from "../living";
import { logNow } from "../log";
import { meetsOf, type MeetsId } from "../outlook";
import { derived, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { begun } from "../testing/newcomer";
import type { Finding, FindingCode } from "./index";

/** What is told of a figure that is drawn out of its band. */
const TELLS: Record<MeetsId, Record<"low" | "high", readonly FindingCode[]>> = {
  basking: { low: ["baskingOff"], high: ["baskingOff"] },
  warm: { low: ["tooCold"], high: ["tooHot", "roomTooHot"] },
  cool: { low: ["tooCold"], high: ["tooHot", "roomTooHot"] },
  night: { low: ["tooCold"], high: ["tooHot", "roomTooHot"] },
  humidity: { low: ["tooDry"], high: ["tooDamp"] },
  nightHumidity: { low: ["tooDry"], high: ["tooDamp"] },
  uv: { low: ["uvOff", "uvBlocked"], high: ["uvOff"] },
};
/** Told of something else as well than of a figure that is out: a room by its own warmth, glass by what it keeps out. */
const BY_ITSELF: readonly FindingCode[] = ["roomTooHot", "uvBlocked"];
const JUDGED: readonly FindingCode[] = [...new Set(Object.values(TELLS).flatMap(({ low, high }) => [...low, ...high]))];

/** What is told of a plant or of crew that a side of its fit is a misfit. */
const MISFITS: Partial<Record<FitCode, readonly FindingCode[]>> = {
  "temperature.tooWarm": ["plantWrongWarmth", "crewWrongWarmth"],
  "temperature.tooCool": ["plantWrongWarmth", "crewWrongWarmth"],
  "humidity.tooDry": ["plantWantsWetter", "crewWrongAir"],
  "humidity.tooWet": ["plantWantsDrier", "crewWrongAir"],
  "feet.tooDry": ["plantWantsWetter"],
  "feet.tooWet": ["plantWantsDrier"],
  "soil.tooDry": ["crewTooDry"],
  "soil.tooWet": ["crewTooWet"],
  "place.wrong": ["plantMisplaced"],
  "place.noWater": ["plantMisplaced", "crewNowhere"],
  "place.noLand": ["crewNowhere"],
  "light.tooDim": ["plantTooDim"],
  "light.tooBright": ["plantTooBright"],
  "height.outgrows": ["plantOutgrows"],
  "roots.tooShallow": ["plantRootsShallow"],
  "treading.trampled": ["plantTrampled"],
  "grazing.harmful": ["plantHarmful"],
  "hazard.pricks": ["plantPricks"],
  "crew.harms": ["crewHarms"],
  "hunting.eaten": ["crewHunted"],
};

const allOf = ({ findings }: Derived): Finding[] => findings.flatMap((one) => [one, ...(one.brings ?? [])]);

/** Every way in which what is shown and what is told of a habitat are apart. */
function apart(of: Derived): string[] {
  const told = allOf(of);
  const codes = new Set(told.map(({ code }) => code));
  const out = meetsOf(of.outlook, of.animal).flatMap(({ id, stand }) =>
    stand === "low" || stand === "high" ? [{ id, tellers: TELLS[id][stand] }] : [],
  );
  const silent = out.filter(({ tellers }) => !tellers.some((code) => codes.has(code))).map(({ id }) => `silent: ${id}`);
  const meant = new Set(out.flatMap(({ tellers }) => tellers));
  const groundless = JUDGED.filter((code) => codes.has(code) && !meant.has(code) && !BY_ITSELF.includes(code));
  const misfits = [...of.plantFits, ...of.crewFits].flatMap(([about, { reasons }]) =>
    reasons
      .filter(({ verdict }) => verdict === "misfit")
      .filter(({ code }) => !told.some((one) => one.about === about && MISFITS[code]?.includes(one.code)))
      .map(({ code }) => `misfit: ${about} ${code}`),
  );
  return [...silent, ...groundless.map((code) => `groundless: ${code}`), ...misfits];
}

describe("what is shown and what is told", () => {
  it("agree for every habitat of the demo", () => {
    for (const habitat of demoHabitats("2026-12-01")) {
      const of = derive(habitat.design, logNow(habitat, "2026-12-01"), STOCK);
      expect(apart(of), habitat.design.name).toEqual([]);
    }
  });
  it("agree for every animal as it starts, in its least box and in a plain one", () => {
    for (const animal of STOCK.all("animals")) {
      expect(apart(derived(begun({ animal, larger: 1, roomC: 21 }))), animal.id).toEqual([]);
      expect(apart(derived(started({ animalId: animal.id }))), animal.id).toEqual([]);
    }
  });
  it("agree for whatever habitat a person clicked together", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design, log }) => {
        expect(apart(derived(design, log))).toEqual([]);
      }),
      { numRuns: 120 },
    );
  });
});
