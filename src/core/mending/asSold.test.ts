import { describe, expect, it } from "vitest";
import { applyAll } from "../habitat";
import { STOCK } from "../library";
import { derived, started } from "../testing";
import { CM_PER_INCH } from "../units";
import { asSold } from "./asSold";
import { mendsOf } from "./index";

const small = started({
  animalId: "crestedGecko",
  shell: { widthCm: 30, depthCm: 30, heightCm: 45, sillCm: 0, top: "mesh" },
});

describe("a larger box", () => {
  it("is advised in whole inches where one measures so, in whole centimetres else, and is large enough", () => {
    const now = derived(small);
    const finding = now.findings.find(({ code }) => code === "boxTooSmall")!;
    const mend = mendsOf(finding, now)[0]!;
    for (const [system, unitCm] of [
      ["us", CM_PER_INCH],
      ["metric", 1],
    ] as const) {
      const sold = asSold(mend, system);
      const { shell } = applyAll(small, sold.commands, STOCK);
      for (const cm of [shell.widthCm, shell.depthCm, shell.heightCm]) {
        const inUnits = cm / unitCm;
        if (cm !== small.shell.widthCm && cm !== small.shell.depthCm)
          expect(Math.abs(inUnits - Math.round(inUnits)), `${system} ${cm}`).toBeLessThan(1e-6);
      }
      const after = derived(applyAll(small, sold.commands, STOCK));
      expect(
        after.findings.some(({ code }) => code === "boxTooSmall"),
        system,
      ).toBe(false);
      expect(sold.parts[0].quantities).toMatchObject({ widthCm: shell.widthCm, variant: "larger" });
    }
  });
  it("leaves every other mend as it was", () => {
    const now = derived(small);
    for (const finding of now.findings.filter(({ code }) => code !== "boxTooSmall"))
      for (const mend of mendsOf(finding, now))
        if (!mend.parts.some(({ code }) => code === "boxTooSmall")) expect(asSold(mend, "us")).toBe(mend);
  });
});
