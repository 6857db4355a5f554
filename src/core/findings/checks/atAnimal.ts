import type { Range } from "../../catalog";
import type { FindingQuantities } from "../quantities";
import type { Assessed, Check, Found } from "../types";

/** A first sizing is good to a degree; how far the ends lie apart rests on more that is from memory. */
const SURE_C = 1;
const SURE_ENDS_C = 2;
const one = (value: number): string => (Math.round(value * 10) / 10).toFixed(1);
/** UV index as it is told: 0.9–1.6. */
const indexTold = ([low, high]: Range): string => `${one(low)}–${one(high)}`;

type Cold = FindingQuantities["tooCold"];

function cold(assessed: Assessed, got: Range, wanted: Range, needW: number, variant: Cold["variant"]): Found[] {
  const { animal, habitat } = assessed;
  if (got[1] + SURE_C >= wanted[0]) return [];
  const quantities: Cold = {
    animalId: animal.id,
    lowC: Math.round(got[0]),
    highC: Math.round(got[1]),
    wantLowC: wanted[0],
    wantHighC: wanted[1],
    roomC: habitat.brief.room.temperatureC,
    needW: Math.max(1, Math.round(needW)),
    variant,
  };
  const harms = variant === "night" && got[1] + SURE_C < animal.temperatureC.lowestSafeNight;
  return [{ code: "tooCold", about: variant, weight: harms ? "harm" : "look", step: "climate", quantities }];
}

/** Days and nights that stay under the band, with all that is set up: a cold room asks for a heater. */
export const checkCold: Check = (assessed) => {
  const { animal, outlook } = assessed;
  const { temperatureC } = animal;
  if (temperatureC.heating === "never") return [];
  const { sizing } = outlook;
  return [
    ...cold(assessed, sizing.warmEndC, temperatureC.warm, sizing.neededDayW[1], "day"),
    ...cold(assessed, sizing.night.temperatureC, temperatureC.night, sizing.neededNightW[1], "night"),
  ];
};

/** No end left to cool off at by day, or nights that stay over the band, by what runs: the room is told by itself. */
export const checkHot: Check = ({ animal, habitat, outlook: { sizing } }) => {
  const { cool, night, highestForDays } = animal.temperatureC;
  const { temperatureC: roomC } = habitat.brief.room;
  const told = (variant: FindingQuantities["tooHot"]["variant"], got: Range, wantHighC: number): Found[] => {
    const [lowC, highC] = [Math.round(got[0]), Math.round(got[1])];
    const quantities = { animalId: animal.id, lowC, highC, wantHighC, variant };
    const weight = variant === "noEscape" ? "harm" : "look";
    return [{ code: "tooHot", about: variant === "night" ? "night" : "day", weight, step: "climate", quantities }];
  };
  const over = (got: Range, mostC: number, sureC: number): boolean => got[0] - sureC > mostC && roomC <= mostC;
  const [coolest, warmest] = sizing.coolEndC;
  // Where it may kill, the middle of the range is enough.
  const noEscape = (coolest + warmest) / 2 > highestForDays && roomC <= highestForDays;
  const byDay = noEscape
    ? told("noEscape", sizing.coolEndC, highestForDays)
    : over(sizing.coolEndC, cool[1], SURE_ENDS_C)
      ? told("day", sizing.coolEndC, cool[1])
      : [];
  const byNight = over(sizing.night.temperatureC, night[1], SURE_C)
    ? told("night", sizing.night.temperatureC, night[1])
    : [];
  return [...byDay, ...byNight];
};

function basksOff(got: Range, wanted: Range, lamp: boolean): FindingQuantities["baskingOff"]["variant"] | undefined {
  if (got[1] < wanted[0]) return lamp ? "tooCool" : "noLamp";
  return lamp && got[0] > wanted[1] ? "tooHot" : undefined;
}

/** No lamp to bask under, or a place under it that is too cool or too hot. */
export const checkBasking: Check = (assessed) => {
  const { animal, outlook } = assessed;
  const wanted = animal.temperatureC.baskingSurface;
  if (!wanted || animal.temperatureC.heating === "never") return [];
  const { basking, sizing } = outlook;
  const got = basking?.surfaceC ?? sizing.warmEndC;
  const variant = basksOff(got, wanted, basking !== undefined);
  if (variant === undefined) return [];
  const quantities = {
    animalId: animal.id,
    lowC: Math.round(got[0]),
    highC: Math.round(got[1]),
    wantLowC: wanted[0],
    wantHighC: wanted[1],
    variant,
  };
  const weight = variant === "tooHot" && got[0] > wanted[1] + 8 ? "harm" : "look";
  return [{ code: "baskingOff", about: "basking", weight, step: "climate", quantities }];
};

/** Over this index a place is no shade: the mean of the lowest of the four zones (Baines et al. 2016). */
const SHADE_INDEX = 0.7;

/** UV at the animal's back: none where it is needed, too weak, too strong; and no shade to leave it. */
export const checkUvIndex: Check = (assessed) => {
  const { animal, outlook, ground, habitat } = assessed;
  const wanted = animal.uv.indexAtBack;
  if (!wanted || animal.uv.need === "none") return [];
  const told = (variant: FindingQuantities["uvOff"]["variant"], got: Range): Found[] => {
    const quantities = { animalId: animal.id, index: indexTold(got), want: indexTold(wanted), variant };
    const weight = variant === "tooStrong" && got[0] > 2 * wanted[1] ? "harm" : "look";
    return [{ code: "uvOff", about: "uv", weight, step: "climate", quantities }];
  };
  if (outlook.lamps.length === 0) return animal.uv.need === "needed" ? told("missing", [0, 0]) : [];
  const { uvIndex } = outlook.basking ?? outlook.perch ?? outlook.floor;
  // Glass in between is told by itself.
  if (outlook.lamps.every(({ fixture }) => fixture.through === "glass")) return [];
  const hides = ground.solids.some(({ kind }) => kind.roles.includes("hide")) || habitat.plants.length > 0;
  const noShade: Found[] =
    outlook.shade.uvIndex[0] > SHADE_INDEX && !hides
      ? [
          {
            code: "uvNoShade",
            about: "uv",
            weight: "look",
            step: "climate",
            quantities: { animalId: animal.id, index: indexTold(outlook.shade.uvIndex) },
          },
        ]
      : [];
  const off = uvIndex[1] < wanted[0] ? "tooWeak" : uvIndex[0] > wanted[1] ? "tooStrong" : undefined;
  return [...(off ? told(off, uvIndex) : []), ...noShade];
};
