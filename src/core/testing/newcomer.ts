import type { Animal } from "../catalog";
import type { Finding } from "../findings";
import { applyAll, LIMITS, type Design } from "../habitat";
import { STOCK } from "../library";
import { leastBox } from "../living";
import { mendsOf } from "../mending";
import { derived, started } from "./index";

/** Where a newcomer's build begins: an animal, a box by its least one, a room. */
export type Beginning = { animal: Animal; larger: number; roomC: number };

/** Fill and drainage under what the animal needs clear. */
const UNDER_CM = 25;

const rounded = (cm: number): number => Math.ceil(cm / 5) * 5;

/** A box for one animal as the start form makes it, under mesh, so much larger than its least. */
export function begun({ animal, larger, roomC }: Beginning): Design {
  const least = leastBox(animal, 1);
  const side = (cm: number) => Math.min(LIMITS.boxCm.max, rounded(cm * larger));
  return started({
    animalId: animal.id,
    count: 1,
    room: { temperatureC: roomC, humidityRh: 45 },
    shell: {
      widthCm: side(least.widthCm),
      depthCm: side(least.depthCm),
      heightCm: side(least.clearCm + UNDER_CM),
      sillCm: 0,
      top: "mesh",
    },
  });
}

export type Walked = { presses: number; design: Design; left: readonly Finding[]; pressed: readonly string[] };

const MOST_PRESSES = 25;

/** Presses the first mend of the worst finding that has one, again and again, until none is offered. */
export function pressedThrough(from: Design): Walked {
  let design = from;
  const pressed: string[] = [];
  for (;;) {
    const now = derived(design);
    const mend = pressed.length < MOST_PRESSES ? firstMend(now) : undefined;
    if (!mend) return { presses: pressed.length, design, left: now.findings, pressed };
    design = applyAll(design, mend.commands, STOCK);
    pressed.push(mend.said);
  }
}

function firstMend(now: ReturnType<typeof derived>) {
  for (const finding of now.findings) {
    const mend = mendsOf(finding, now).find(({ how }) => how !== "work");
    if (mend)
      return {
        commands: mend.commands,
        said: `${finding.code} ${mend.parts.map(({ code, quantities }) => `${code}.${String((quantities as { variant?: string }).variant ?? "")}`).join("+")}`,
      };
  }
  return undefined;
}
