import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { derived, found, made } from "../testing";
import { begun } from "../testing/newcomer";
import { mendsOf, type Mend } from "./index";

const inRoom = (animalId: string, roomC: number) =>
  derived(begun({ animal: STOCK.get("animals", animalId), larger: 1, roomC }));

const HOT_C = 25;

/** The room a mend keeps the box in, °C. */
const roomOf = ({ commands }: Mend): number | undefined =>
  commands.flatMap((command) => (command.name === "setRoom" ? (command.args.temperatureC ?? []) : []))[0];

describe("a box whose room cannot be put right inside it", () => {
  it("is to stand in the warmest room its animal bears, and no cooler one", () => {
    for (const animalId of ["jacksonsChameleon", "shinglebackSkink", "crestedGecko"]) {
      const hot = found(inRoom(animalId, HOT_C), "roomTooHot");
      const [mend] = hot?.mends ?? [];
      expect(mend, animalId).toBeDefined();
      const roomC = roomOf(mend!)!;
      const cooler = made(inRoom(animalId, HOT_C).habitat, ...mend!.commands);
      expect(found(derived(cooler), "roomTooHot"), animalId).toBeUndefined();
      const oneMore = made(cooler, { name: "setRoom", args: { temperatureC: roomC + 1 } });
      expect(found(derived(oneMore), "roomTooHot"), animalId).toBeDefined();
    }
  });

  it("is never told to change its room for a cold that a heater mends", () => {
    const now = inRoom("leopardGecko", 20);
    const cold = now.findings.filter(({ code }) => code === "tooCold");
    expect(cold.length).toBeGreaterThan(0);
    for (const finding of cold)
      for (const mend of mendsOf(finding, now)) expect(roomOf(mend), JSON.stringify(mend.parts)).toBeUndefined();
  });
});
