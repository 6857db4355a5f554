import { memory } from "../../provenance";
import type { Plant, PlantKind } from "../../schema";

const grownFromMemory = { ...memory, note: "usual range and size in a box, recalled; check against a horticultural work" };

/** Four ends of what it bears and likes: tolerated low, preferred low, preferred high, tolerated high. */
type Ends = [number, number, number, number];

/** One plant in a row: the columns say what they are; the drawing and the care follow from its kind where not said otherwise. */
export type PlantRow = [
  id: string, scientificName: string, kind: PlantKind, place: Plant["place"], region: Plant["region"],
  temperature: Ends, humidity: Ends, light: Plant["light"], feet: Plant["feet"],
  grown: [heightCm: number, spreadCm: number, rootCm: number, inMonths: number],
  sturdy: Plant["sturdy"], leaf: Plant["leaf"], eaten: Plant["eaten"], method: Plant["method"], ease: Plant["ease"], color: string,
  more?: { form?: Plant["form"]; pruning?: Plant["pruning"]; cautions?: Plant["cautions"]; synonyms?: string[] },
];

const FORM: Record<PlantKind, Plant["form"]> = {
  foliage: "bushy", climber: "trailing", hanger: "trailing", fern: "fern", bromeliad: "rosette", airPlant: "rosette", orchid: "rosette", moss: "moss", liverwort: "moss",
  palm: "palm", grass: "grass", succulent: "succulent", bog: "grass", water: "rosette",
};
const PRUNING: Record<Plant["form"], Plant["pruning"]> = { trailing: "often", bushy: "sometimes", fern: "sometimes", grass: "sometimes", palm: "seldom", rosette: "seldom", succulent: "seldom", moss: "seldom" };

/** As sold, a plant has about two fifths of the size it reaches in a box. */
const BOUGHT_SHARE = 0.4;

/** Makes an entry of a row. */
export function plant([id, scientificName, kind, place, region, t, h, light, feet, [grownHeightCm, grownSpreadCm, rootDepthCm, grownInMonths], sturdy, leaf, eaten, method, ease, color, more = {}]: PlantRow): Plant {
  const form = more.form ?? FORM[kind];
  return {
    id, scientificName, synonyms: more.synonyms ?? [], kind, form, place, region,
    temperatureC: { tolerated: [t[0], t[3]], preferred: [t[1], t[2]] },
    humidityRh: { tolerated: [h[0], h[3]], preferred: [h[1], h[2]] },
    light, feet, grownHeightCm, grownSpreadCm, rootDepthCm, grownInMonths, boughtShare: BOUGHT_SHARE,
    sturdy, leaf, eaten, method, pruning: more.pruning ?? PRUNING[form], ease, color,
    cautions: [...(eaten === "irritant" || eaten === "toxic" ? (["sap"] as const) : []), ...(more.cautions ?? []).filter((code) => code !== "sap" || eaten === "harmless" || eaten === "edible")],
    from: grownFromMemory,
  };
}
