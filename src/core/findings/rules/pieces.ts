import { entry, rule } from "../../catalog";
import type { Command, Habitat, Piece } from "../../habitat";
import { heightsApartCm, type FurnishingCode } from "../../living";
import { bounds, regionAreaCm2, areaCm2 } from "../../shape";
import type { Finding, FindingCode, Rule } from "../types";

/** A stone over ground an animal can dig out from under it, and pieces the box cannot hold. */
export const pieceRules: Rule = ({ habitat, ground, animal }) => {
  const { shell } = habitat;
  return ground.solids.flatMap((solid): Finding[] => {
    const { piece, kind } = solid;
    if (!piece) return [];
    const found: Finding[] = [];
    const edge = bounds(solid.outline);
    const inside = regionAreaCm2({ inside: [solid.outline, ground.terrain.outline], outside: [] });
    const overCm = Math.max(
      edge.right - edge.left - shell.widthCm,
      edge.back - edge.front - shell.depthCm,
      piece.heightCm - shell.heightCm,
    );
    if (overCm > 0) {
      found.push({
        code: "pieceTooLarge",
        about: piece.id,
        severity: "harm",
        step: "shell",
        quantities: { kindId: kind.id, overCm, problem: "box" },
        mend: { commands: [{ name: "removePieces", args: { ids: [piece.id] } }], quantities: { kindId: kind.id } },
      });
    } else if (inside < areaCm2(solid.outline) * 0.97 || solid.topCm > shell.heightCm + 0.05) {
      found.push({
        code: "pieceTooLarge",
        about: piece.id,
        severity: "look",
        step: "shell",
        quantities: {
          kindId: kind.id,
          overCm: Math.max(0, solid.topCm - shell.heightCm),
          problem: solid.topCm > shell.heightCm + 0.05 ? "rim" : "wall",
        },
        mend: { commands: [{ name: "removePieces", args: { ids: [piece.id] } }], quantities: { kindId: kind.id } },
      });
    }
    const heavy = kind.roles.includes("heavy") && solid.emptyKg >= rule("heavyPieceKg");
    const digs = animal.habit === "burrowing" || animal.roughOnPlants === "rough";
    const under = ground.soilDepthAt(piece.xCm, piece.yCm);
    if (heavy && digs && solid.baseCm > 0.5 && piece.rest.on === "ground" && under > 0) {
      found.push({
        code: "stoneOnSoil",
        about: piece.id,
        severity: "harm",
        step: "shell",
        quantities: { kindId: kind.id, stoneKg: solid.emptyKg, baseCm: solid.baseCm, animalId: animal.id },
        mend: {
          commands: [
            {
              name: "setPiece",
              args: {
                id: piece.id,
                rest: { on: "glass" },
                heightCm: Math.min(shell.heightCm, piece.heightCm + solid.baseCm),
              },
            },
          ],
          quantities: { kindId: kind.id },
        },
      });
    }
    const surface = ground.surfaceAt(piece.xCm, piece.yCm);
    if (
      kind.roles.some((role) => role === "hide" || role === "bowl") &&
      !kind.roles.includes("deepTube") &&
      solid.topCm <= surface + 0.05
    ) {
      found.push({
        code: "pieceBuried",
        about: piece.id,
        severity: "look",
        step: "shell",
        quantities: { kindId: kind.id, underCm: surface - solid.topCm },
        mend: {
          commands: [{ name: "setPiece", args: { id: piece.id, rest: { on: "ground", sunkCm: 0 } } }],
          quantities: { kindId: kind.id },
        },
      });
    }
    return found;
  });
};

const MOST_OF_HEIGHT = 0.4;

type Proposal = {
  code: FindingCode;
  kindId: string;
  at: (habitat: Habitat, n: number, topsCm: readonly number[]) => Pick<Piece, "xCm" | "yCm" | "rest">;
};

const onGround = { on: "ground" as const, sunkCm: 0 };
const share = (habitat: Habitat, x: number, y: number) => ({
  xCm: habitat.shell.widthCm * x,
  yCm: habitat.shell.depthCm * y,
});

/** What a mend sets up for each thing that is missing, and where. */
const PROPOSALS: Record<FurnishingCode, Proposal> = {
  hideWarm: {
    code: "hideMissing",
    kindId: "corkFlat",
    at: (habitat) => ({ ...share(habitat, 0.24, 0.4), rest: onGround }),
  },
  hideCool: {
    code: "hideMissing",
    kindId: "corkFlat",
    at: (habitat) => ({ ...share(habitat, 0.76, 0.4), rest: onGround }),
  },
  humidHide: {
    code: "humidHideMissing",
    kindId: "humidHide",
    at: (habitat) => ({ ...share(habitat, 0.5, 0.72), rest: onGround }),
  },
  climb: {
    code: "climbMissing",
    kindId: "branch",
    at: (habitat, n) => ({ ...share(habitat, 0.5, 0.3 + 0.35 * n), rest: onGround }),
  },
  basking: {
    code: "baskingMissing",
    kindId: "ledge",
    at: (habitat, n, topsCm) => ({
      ...share(habitat, 0.25, 0.85),
      rest: { on: "wall", upCm: freeHeightCm(habitat, n, topsCm) },
    }),
  },
};

const LEDGE_SHARES = [0.45, 0.62, 0.79, 0.28, 0.53, 0.7, 0.36] as const;

/** The first height for a ledge that no other basking place is near to. */
function freeHeightCm({ shell }: Habitat, n: number, topsCm: readonly number[]): number {
  const ledgeCm = Math.min(entry("pieceKinds", "ledge").heightCm, shell.heightCm * MOST_OF_HEIGHT);
  const apart = heightsApartCm(shell.heightCm);
  const free = LEDGE_SHARES.map((part) => shell.heightCm * part).filter((upCm) =>
    topsCm.every((cm) => Math.abs(cm - upCm - ledgeCm) >= apart),
  );
  return free[n] ?? shell.heightCm * LEDGE_SHARES[0];
}

const usedId = (habitat: Habitat, id: string): string =>
  habitat.pieces.some((piece) => piece.id === id) ? usedId(habitat, `${id}-2`) : id;

/** Hides, a humid hide, spans and basking places the animal wants and does not find. */
export const furnishingRules: Rule = ({ habitat, ground, animal, furnishing }) =>
  furnishing.flatMap(({ code, needCount, haveCount }): Finding[] => {
    if (haveCount >= needCount) return [];
    const proposal = PROPOSALS[code];
    const kind = entry("pieceKinds", proposal.kindId);
    const commands = Array.from({ length: needCount - haveCount }, (_, n): Command => ({
      name: "addPiece",
      args: {
        id: usedId(habitat, `${code}-${n + 1}`),
        kindId: kind.id,
        ...proposal.at(
          habitat,
          n,
          ground.solids.filter((solid) => solid.kind.roles.includes("basking")).map((solid) => solid.topCm),
        ),
        turnDeg: 0,
        fillMixId: null,
        widthCm: Math.min(kind.widthCm, habitat.shell.widthCm * 0.45),
        depthCm: Math.min(kind.depthCm, habitat.shell.depthCm * 0.45),
        heightCm: Math.min(kind.heightCm, habitat.shell.heightCm * MOST_OF_HEIGHT),
      },
    }));
    return [
      {
        code: proposal.code,
        about: code,
        severity: "look",
        step: "shell",
        quantities: { animalId: animal.id, which: code, needCount: needCount, haveCount: haveCount },
        mend: { commands, quantities: { kindId: kind.id } },
      },
    ];
  });

/** Too heavy for the stand or for a floor pane carried at its rim; foam without a finish. */
export const loadRules: Rule = ({ habitat, load }) => {
  const found: Finding[] = [];
  const { standsOn, treatments, wallMm } = habitat.shell;
  if (standsOn.ratingKg !== null && load.floodedKg > standsOn.ratingKg) {
    found.push({
      code: "standOverloaded",
      about: "stand",
      severity: "harm",
      step: "shell",
      quantities: { ratedKg: standsOn.ratingKg, wetKg: load.wetKg, floodedKg: load.floodedKg },
    });
  }
  if (load.pane && load.pane.stressMPa > load.pane.allowedMPa) {
    found.push({
      code: "paneOverloaded",
      about: "pane",
      severity: "harm",
      step: "shell",
      quantities: {
        stressMPa: load.pane.stressMPa.toFixed(1),
        allowedMPa: load.pane.allowedMPa.toFixed(1),
        wallMm: wallMm,
      },
      mend: { commands: [{ name: "setStandsOn", args: { under: "whole" } }], quantities: {} },
    });
  }
  for (const treatment of treatments) {
    if (!entry("wallTreatments", treatment.treatmentId).takesFinish || treatment.finishId !== null) continue;
    found.push({
      code: "foamUnfinished",
      about: treatment.wall,
      severity: "look",
      step: "shell",
      quantities: { wall: treatment.wall },
      mend: {
        commands: [
          {
            name: "setTreatment",
            args: { wall: treatment.wall, treatmentId: treatment.treatmentId, finishId: "siliconeFibre" },
          },
        ],
        quantities: { finishId: "siliconeFibre" },
      },
    });
  }
  return found;
};
