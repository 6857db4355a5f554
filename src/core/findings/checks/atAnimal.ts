import type { Range } from "../../catalog";
import { meetsOf, type Meets, type MeetsId } from "../../outlook";
import type { FindingQuantities } from "../quantities";
import type { Assessed, Check, Found } from "../types";

/** What the animal meets, by its name. */
const metBy = ({ outlook, animal }: Assessed): Partial<Record<MeetsId, Meets>> =>
  Object.fromEntries(meetsOf(outlook, animal).map((met) => [met.id, met]));

const rounded = ([low, high]: Range): { lowC: number; highC: number } => ({
  lowC: Math.round(low),
  highC: Math.round(high),
});

type Cold = FindingQuantities["tooCold"];

function cold({ animal, habitat }: Assessed, { got, wanted }: Meets, needW: number, variant: Cold["variant"]): Found {
  const quantities: Cold = {
    animalId: animal.id,
    ...rounded(got),
    wantLowC: wanted[0],
    wantHighC: wanted[1],
    roomC: habitat.brief.room.temperatureC,
    needW: Math.max(1, Math.round(needW)),
    variant,
  };
  const harms = variant === "night" && got[1] + SURE_C < animal.temperatureC.lowestSafeNight;
  const about = variant === "night" ? "night" : "day";
  return { code: "tooCold", about, weight: harms ? "harm" : "look", step: "climate", quantities };
}
/** A first sizing is good to a degree. */
const SURE_C = 1;

/** Days and nights that stay under the band, with all that is set up: a cold room asks for a heater. */
export const checkCold: Check = (assessed) => {
  const { warm, cool, night } = metBy(assessed);
  const { neededDayW, neededNightW } = assessed.outlook.sizing;
  const byDay = warm?.stand === "low" ? warm : cool?.stand === "low" ? cool : undefined;
  return [
    ...(byDay ? [cold(assessed, byDay, neededDayW[1], byDay === warm ? "day" : "coolEnd")] : []),
    ...(night?.stand === "low" ? [cold(assessed, night, neededNightW[1], "night")] : []),
  ];
};

type Hot = FindingQuantities["tooHot"]["variant"];

/** Ends over their band by day, or nights over theirs, by what runs: a room that is itself too warm is told by itself. */
export const checkHot: Check = (assessed) => {
  const { animal, habitat, outlook } = assessed;
  const { warm, cool, night } = metBy(assessed);
  const { highestForDays } = animal.temperatureC;
  const roomC = habitat.brief.room.temperatureC;
  const told = (variant: Hot, got: Range, wantHighC: number): Found[] => {
    if (roomC > wantHighC) return [];
    const quantities = { animalId: animal.id, ...rounded(got), wantHighC, variant };
    const weight = variant === "noEscape" ? "harm" : "look";
    return [{ code: "tooHot", about: variant === "night" ? "night" : "day", weight, step: "climate", quantities }];
  };
  const [coolest, warmest] = outlook.sizing.coolEndC;
  // Where it may kill, the middle of the range is enough.
  const noEscape = (coolest + warmest) / 2 > highestForDays;
  const byDay = noEscape
    ? told("noEscape", outlook.sizing.coolEndC, highestForDays)
    : cool?.stand === "high"
      ? told("day", cool.got, cool.wanted[1])
      : warm?.stand === "high"
        ? told("warmEnd", warm.got, warm.wanted[1])
        : [];
  return [...byDay, ...(night?.stand === "high" ? told("night", night.got, night.wanted[1]) : [])];
};

type Damp = FindingQuantities["tooDry"];

/** Air that stays under or over what the animal wants, by day, by night or both: one cause, told once. */
export const checkDamp: Check = (assessed) => {
  const { animal } = assessed;
  const { humidity, nightHumidity } = metBy(assessed);
  const bears = { day: animal.humidityRh.day.tolerated, night: animal.humidityRh.night.tolerated };
  const told = (code: "tooDry" | "tooDamp", stand: "low" | "high"): Found[] => {
    const byDay = humidity?.stand === stand;
    const byNight = nightHumidity?.stand === stand;
    const met = byDay ? humidity : byNight ? nightHumidity : undefined;
    if (!met) return [];
    const variant: Damp["variant"] = byDay && byNight ? "always" : byDay ? "day" : "night";
    const quantities: Damp = {
      animalId: animal.id,
      lowRh: met.got[0],
      highRh: met.got[1],
      wantLowRh: met.wanted[0],
      wantHighRh: met.wanted[1],
      variant,
    };
    const [least, most] = bears[byDay ? "day" : "night"];
    const isBorne = stand === "low" ? met.got[1] >= least : met.got[0] <= most;
    return [{ code, about: "air", weight: isBorne ? "opinion" : "look", step: "climate", quantities }];
  };
  return [...told("tooDry", "low"), ...told("tooDamp", "high")];
};

/** No lamp to bask under, or a place under it that is too cool or too hot. */
export const checkBasking: Check = (assessed) => {
  const { animal, outlook } = assessed;
  const { basking } = metBy(assessed);
  if (basking?.stand !== "low" && basking?.stand !== "high") return [];
  const { got, wanted, stand } = basking;
  const variant = stand === "high" ? "tooHot" : outlook.basking ? "tooCool" : "noLamp";
  const quantities = {
    animalId: animal.id,
    ...rounded(got),
    wantLowC: wanted[0],
    wantHighC: wanted[1],
    variant,
  } as const;
  const weight = variant === "tooHot" && got[0] > wanted[1] + BURNS_C ? "harm" : "look";
  return [{ code: "baskingOff", about: "basking", weight, step: "climate", quantities }];
};
/** So far over what it basks at, a surface burns: from memory. */
const BURNS_C = 8;

/** Over this index a place is no shade: the mean of the lowest of the four zones (Baines et al. 2016). */
const SHADE_INDEX = 0.7;

/** UV at the animal's back: none where it is needed, too weak, too strong; and no shade to leave it. */
export const checkUvIndex: Check = (assessed) => {
  const { animal, outlook, ground, habitat } = assessed;
  const wanted = animal.uv.indexAtBack;
  if (!wanted || animal.uv.need === "none") return [];
  const told = (variant: FindingQuantities["uvOff"]["variant"], got: Range): Found[] => {
    const quantities = {
      animalId: animal.id,
      lowUvi: got[0],
      highUvi: got[1],
      wantLowUvi: wanted[0],
      wantHighUvi: wanted[1],
      variant,
    };
    const weight = variant === "tooStrong" && got[0] > 2 * wanted[1] ? "harm" : "look";
    return [{ code: "uvOff", about: "uv", weight, step: "climate", quantities }];
  };
  const { uv } = metBy(assessed);
  const isOff = uv?.stand === "low" || uv?.stand === "high";
  if (outlook.lamps.length === 0) return isOff ? told("missing", [0, 0]) : [];
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
            quantities: {
              animalId: animal.id,
              lowUvi: outlook.shade.uvIndex[0],
              highUvi: outlook.shade.uvIndex[1],
            },
          },
        ]
      : [];
  return [...(isOff ? told(uv.stand === "low" ? "tooWeak" : "tooStrong", uv.got) : []), ...noShade];
};
