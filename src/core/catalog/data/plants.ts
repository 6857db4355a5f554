import { memory } from "../provenance";
import type { Plant } from "../schema";

const grownFromMemory = { ...memory, note: "usual range and size in a box, recalled; check against a horticultural work" };

type Row = [
  id: string, scientificName: string, form: Plant["form"], place: Plant["place"],
  temperature: [number, number, number, number], humidity: [number, number, number, number],
  light: Plant["light"], feet: Plant["feet"], grown: [heightCm: number, spreadCm: number, rootCm: number],
  sturdy: Plant["sturdy"], color: string, cautions?: Plant["cautions"],
];

/** Temperature and humidity: tolerated low, preferred low, preferred high, tolerated high. */
const ROWS: readonly Row[] = [
  ["creepingFig", "Ficus pumila", "trailing", "wall", [10, 18, 27, 32], [40, 60, 90, 100], "medium", "moist", [30, 40, 6], "tough", "#4f7f4a", ["sap"]],
  ["goldenPothos", "Epipremnum aureum", "trailing", "hanging", [15, 20, 30, 34], [35, 50, 90, 100], "low", "moist", [40, 40, 8], "tough", "#5f9a4c", ["sap"]],
  ["heartleafPhilodendron", "Philodendron hederaceum", "trailing", "wood", [15, 20, 29, 33], [40, 60, 90, 100], "low", "moist", [35, 40, 8], "fair", "#3f7a45", ["sap"]],
  ["nervePlant", "Fittonia albivenis", "bushy", "floor", [16, 20, 27, 30], [50, 65, 95, 100], "low", "moist", [12, 20, 5], "tender", "#6b9160"],
  ["roundPeperomia", "Peperomia rotundifolia", "trailing", "wood", [15, 19, 27, 31], [45, 60, 90, 100], "medium", "moist", [8, 25, 4], "tender", "#76a35c"],
  ["cupBromeliad", "Neoregelia ampullacea", "rosette", "wood", [14, 19, 29, 34], [50, 60, 90, 100], "bright", "dry", [18, 20, 0], "fair", "#7d8f45"],
  ["skyPlant", "Tillandsia ionantha", "rosette", "wood", [10, 16, 28, 34], [35, 50, 75, 90], "bright", "dry", [8, 10, 0], "tender", "#9aa98a"],
  ["birdNestFern", "Asplenium nidus", "fern", "floor", [14, 18, 27, 31], [50, 65, 90, 100], "low", "moist", [45, 50, 10], "fair", "#4c8a4f"],
  ["bostonFern", "Nephrolepis exaltata", "fern", "floor", [10, 16, 26, 30], [45, 60, 90, 100], "medium", "moist", [50, 60, 12], "fair", "#5d9a52"],
  ["buttonFern", "Pellaea rotundifolia", "fern", "floor", [7, 14, 24, 28], [40, 50, 75, 90], "medium", "moist", [20, 30, 8], "fair", "#48774a"],
  ["rabbitFootFern", "Davallia fejeensis", "fern", "wood", [12, 17, 26, 30], [45, 60, 85, 95], "medium", "moist", [25, 35, 3], "fair", "#68964f"],
  ["parlourPalm", "Chamaedorea elegans", "palm", "floor", [12, 17, 27, 31], [40, 50, 85, 95], "low", "moist", [70, 45, 15], "fair", "#3f7d4d"],
  ["prayerPlant", "Maranta leuconeura", "bushy", "floor", [15, 19, 28, 31], [50, 60, 90, 100], "low", "moist", [25, 30, 8], "tender", "#557d4f"],
  ["eyelashBegonia", "Begonia bowerae", "bushy", "floor", [13, 18, 26, 30], [45, 55, 80, 95], "medium", "moist", [18, 25, 6], "tender", "#4d7a3f", ["sap"]],
  ["javaMoss", "Taxiphyllum barbieri", "moss", "waterEdge", [14, 18, 26, 30], [70, 85, 100, 100], "low", "wet", [3, 20, 0], "fair", "#5a8b3f"],
  ["cushionMoss", "Leucobryum glaucum", "moss", "floor", [5, 12, 24, 28], [55, 70, 95, 100], "low", "moist", [5, 15, 2], "tender", "#9bb38a"],
  ["javaFern", "Leptochilus pteropus", "fern", "waterEdge", [16, 20, 28, 31], [70, 85, 100, 100], "low", "wet", [25, 25, 0], "tough", "#3d7049"],
  ["dwarfSweetFlag", "Acorus gramineus", "grass", "waterEdge", [5, 14, 26, 30], [50, 65, 100, 100], "medium", "wet", [20, 15, 8], "tough", "#6f9d44"],
  ["dwarfAnubias", "Anubias barteri", "rosette", "waterEdge", [18, 22, 28, 31], [70, 85, 100, 100], "low", "wet", [15, 20, 3], "tough", "#386b42", ["sap"]],
  ["snakePlant", "Dracaena trifasciata", "succulent", "floor", [10, 18, 32, 38], [15, 30, 60, 80], "low", "dry", [55, 20, 12], "tough", "#4d7256", ["sap"]],
  ["zebraHaworthia", "Haworthiopsis attenuata", "succulent", "floor", [5, 16, 30, 38], [10, 20, 50, 70], "medium", "dry", [12, 12, 8], "tough", "#5f8268"],
  ["oxTongueGasteria", "Gasteria carinata", "succulent", "floor", [5, 15, 30, 37], [10, 20, 50, 70], "low", "dry", [18, 20, 8], "tough", "#5b7f5f"],
  ["blueGrama", "Bouteloua gracilis", "grass", "floor", [0, 15, 32, 40], [15, 25, 55, 75], "bright", "dry", [35, 25, 20], "fair", "#9aa168"],
  ["elephantBush", "Portulacaria afra", "bushy", "floor", [5, 17, 32, 40], [10, 25, 55, 75], "bright", "dry", [40, 35, 12], "tough", "#86a56a"],
];

/** The plants on offer. Heights, spreads and roots as grown in a box after about a year, cm. */
export const plants: readonly Plant[] = ROWS.map(
  ([id, scientificName, form, place, t, h, light, feet, grown, sturdy, color, cautions]) => ({
    id, scientificName, form, place,
    temperatureC: { tolerated: [t[0], t[3]], preferred: [t[1], t[2]] },
    humidityRh: { tolerated: [h[0], h[3]], preferred: [h[1], h[2]] },
    light, feet, grownHeightCm: grown[0], grownSpreadCm: grown[1], rootDepthCm: grown[2],
    sturdy, color, cautions: cautions ?? [], from: grownFromMemory,
  }),
);
