import { leaks } from "./vessel";
import { airing, groundBounds } from "../../shell";
import { roomGap } from "../../climate";
import { leastBox } from "../../living";
import { meetsOf } from "../../outlook";
import { floorAreaCm2 } from "../../strata";
import { builtCm, type Opening } from "../../habitat";
import type { Assessed, Check, Found } from "../types";

/** Less than this of the least floor, or of the least height, no way of keeping makes up for: ours. */
const FAR_TOO_SMALL = 0.6;

function isFarTooSmall({ habitat, animal, ground }: Assessed): boolean {
  const least = leastBox(animal, habitat.brief.count);
  const floor = floorAreaCm2(habitat.shell) / (least.widthCm * least.depthCm);
  return Math.min(floor, ground.underRimCm / least.clearCm) < FAR_TOO_SMALL;
}

/** Box too small, too many animals, wrong shape. */
export const checkBox: Check = (assessed) => {
  const { habitat, animal, ground, boxReasons } = assessed;
  const { animalId, count } = habitat.brief;
  const { shell } = habitat;
  const short = boxReasons.some(({ code }) => code === "floorShort" || code === "tooLow");
  const { clearCm, ...least } = leastBox(animal, count);
  const tooSmall: Found = {
    code: "boxTooSmall",
    about: "box",
    weight: isFarTooSmall(assessed) ? "harm" : "look",
    step: "shell",
    quantities: {
      ...least,
      clearCm,
      haveWidthCm: shell.widthCm,
      haveDepthCm: shell.depthCm,
      haveClearCm: Math.max(0, ground.underRimCm),
      takenWidthCm: builtCm(habitat.shell, "left", "right"),
      takenDepthCm: builtCm(habitat.shell, "front", "back"),
      animalId,
      count,
    },
  };
  const others = boxReasons.flatMap(({ code }): Found[] => {
    if (code === "tooMany" || code === "oneToABox") {
      const quantities = { animalId, count, mostCount: animal.box.mostTogether, variant: code };
      return [{ code: "tooMany", about: "count", weight: "harm", step: "brief", quantities }];
    }
    if (code === "farToFall") {
      const mostCm = animal.box.greatestFallCm ?? 0;
      const quantities = { animalId, mostCm, haveCm: Math.max(0, ground.underRimCm) };
      return [{ code, about: "box", weight: "look", step: "shell", quantities }];
    }
    if (code === "tooLarge") {
      const { young } = animal;
      if (!young.largestBox) return [];
      const quantities = { animalId, ...young.largestBox };
      return [{ code: "boxTooLarge", about: "box", weight: "opinion", step: "shell", quantities }];
    }
    if (code !== "tooFlat" && code !== "tooUpright") return [];
    const { widthCm, heightCm } = habitat.shell;
    const quantities = { animalId, widthCm, heightCm, variant: code };
    return [{ code: "boxShape", about: code, weight: "opinion", step: "shell", quantities }];
  });
  return [...(short ? [tooSmall] : []), ...others];
};

/** Height of the fill at the middle of a vent, cm. */
function fillAt({ wall, acrossCm, widthCm }: Opening, { habitat, ground }: Assessed): number {
  const { left, right, front, back } = groundBounds(habitat.shell);
  const along = acrossCm + widthCm / 2;
  const place = { front: [along, front], back: [along, back], left: [left, along], right: [right, along] } as const;
  return ground.surfaceAt(...place[wall]);
}

/** No opening at all, vents under the ground, and water in a box that does not hold it. */
export const checkAir: Check = (assessed) => {
  const { habitat, library } = assessed;
  const { shell } = habitat;
  const still: Found = { code: "staleAir", about: "air", weight: "look", step: "shell", quantities: {} };
  const buried = shell.openings.flatMap((vent): Found[] => {
    const fillCm = fillAt(vent, assessed);
    if (vent.upCm >= fillCm) return [];
    const quantities = { haveCm: vent.upCm, fillCm, variant: vent.kind };
    return [{ code: "ventBuried", about: vent.id, weight: "look", step: "shell", quantities }];
  });
  return [...(airing(shell, library).totalCm2 === 0 ? [still] : []), ...leaks(assessed), ...buried];
};

/** Whether a lamp for UV hangs in the box, under what closes it. */
const hasUvInside = ({ habitat, library }: Assessed): boolean =>
  habitat.gear.some(({ kindId, upCm }) => upCm !== null && library.get("gear", kindId).purpose === "uv");

/** A pane between an animal that needs UV and any lamp over the box: glass lets none of it through. */
export const checkUv: Check = (assessed) => {
  const { habitat, animal } = assessed;
  const pane = habitat.shell.top.lid === "glass";
  if (animal.uv.need !== "needed" || !pane || hasUvInside(assessed)) return [];
  return [{ code: "uvBlocked", about: "lid", weight: "harm", step: "shell", quantities: { animalId: animal.id } }];
};

/** A room so warm that no end of the box is cool, or only its nights are too warm: nothing cools a box under its room. */
export const checkRoom: Check = ({ habitat, animal, outlook }) => {
  const roomC = habitat.brief.room.temperatureC;
  const { tooHotC } = roomGap(animal, habitat.brief);
  const night = meetsOf(outlook, animal).find(({ id }) => id === "night");
  const byNight = night?.stand === "high" && roomC > night.wanted[1];
  if (tooHotC <= 0 && !byNight) return [];
  const variant = tooHotC > 0 ? "day" : "night";
  const mostC = animal.temperatureC[variant === "day" ? "cool" : "night"][1];
  const quantities = { animalId: animal.id, roomC, mostC, variant } as const;
  return [{ code: "roomTooHot", about: "room", weight: "look", step: "climate", quantities }];
};
