import { createSelector } from "reselect";
import type { Animal } from "../catalog";
import { sizedClimate, sizingOf, type Climate, type Sizing, type WetSurfaces } from "../climate";
import { fitted } from "../gear";
import type { Design } from "../habitat";
import type { Library } from "../library";
import type { Ground } from "../strata";
import { wetOf } from "./wet";

type Of = { habitat: Design; library: Library; animal: Animal; ground: Ground };

/** Mean height of the ground, cm. */
export const meanCm = ({ surface }: Pick<Ground, "surface">): number => (surface.frontCm + surface.backCm) / 2;

/** A climate with the sizing it tells, worked out when somebody first asks. */
type Sized = { sizing: () => Sizing; climate: Climate };

function once<T>(make: () => T): () => T {
  let made: { value: T } | undefined;
  return () => (made ??= { value: make() }).value;
}

/** By what is set up and what it stands in, so that moving a plant changes nothing. */
const sized = createSelector(
  [
    ({ animal }: Of) => animal,
    ({ habitat }: Of) => habitat.brief.room,
    ({ habitat }: Of) => habitat.shell,
    ({ habitat }: Of) => habitat.gear,
    ({ ground }: Of) => ground,
    ({ library }: Of) => library,
    // Told as text, as two lists of the same leaves are the same to the air.
    (of: Of) => JSON.stringify(wetOf(of)),
    (_: Of, on: string) => on,
  ],
  (animal, room, shell, gear, ground, library, wet, on): Sized => {
    const sizing = once(() =>
      sizingOf({
        animal,
        room,
        shell,
        fillCm: meanCm(ground),
        surfaceAt: ground.surfaceAt,
        gear: fitted(gear, library),
        wet: JSON.parse(wet) as WetSurfaces,
        on,
        library,
      }),
    );
    return { sizing, climate: sizedClimate(animal, shell, sizing) };
  },
);

/** How a habitat's air settles on a day of the year. */
export const sizingFor = (of: Of, on: string): Sizing => sized(of, on).sizing();

/** The climate that comes of what is set up, on a day of the year. */
export const sizedFor = (of: Of, on: string): Climate => sized(of, on).climate;
