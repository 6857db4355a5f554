import type { CatalogKind } from "../catalog";
import type { Amount } from "./bins";
import { ingredientsOf, type Habitat, type Treatment } from "../habitat";
import { litresFor } from "../mix";
import { wallLengthCm, wallWork } from "../shell";
import { cutSheets, ground as groundOf, mixtureOf, type Ground } from "../strata";

export type Need = { shelf: CatalogKind; id: string; amount: Amount };

const addUp = (needs: readonly Need[]): Need[] => {
  const byThing = new Map<string, Need>();
  for (const need of needs) {
    const key = `${need.shelf}/${need.id}/${need.amount.kind}`;
    const before = byThing.get(key)?.amount;
    const { amount } = need;
    if (before?.kind === "loose" && amount.kind === "loose")
      byThing.set(key, { ...need, amount: { kind: "loose", looseL: before.looseL + amount.looseL } });
    else if (before?.kind === "pieces" && amount.kind === "pieces")
      byThing.set(key, { ...need, amount: { kind: "pieces", count: before.count + amount.count } });
    else if (before?.kind === "length" && amount.kind === "length")
      byThing.set(key, { ...need, amount: { kind: "length", lengthCm: before.lengthCm + amount.lengthCm } });
    else byThing.set(before ? `${key}/${byThing.size}` : key, need);
  }
  return [...byThing.values()];
};

const looseNeed = (shelf: CatalogKind, id: string, looseL: number): Need[] =>
  looseL > 0 ? [{ shelf, id, amount: { kind: "loose", looseL } }] : [];
const pieceNeed = (shelf: CatalogKind, id: string, count: number): Need[] =>
  count > 0 ? [{ shelf, id, amount: { kind: "pieces", count } }] : [];

/** The paint a finish is made of, as one asks for it in the shop. */
const PAINTS: Record<string, string> = { cementPaint: "cementPaint", plasterPaint: "wallPaint", epoxyPutty: "putty" };

function wallNeeds(habitat: Habitat, treatment: Treatment): Need[] {
  const work = wallWork(habitat.shell, treatment);
  const panel = { corkPanel: "corkSheet", removablePanel: "rigidPanel" }[treatment.treatmentId];
  return [
    ...pieceNeed("supplies", "foamCan", work.foamCans),
    ...pieceNeed("supplies", "siliconeCartridge", work.cartridges),
    ...looseNeed("supplies", PAINTS[treatment.finishId ?? ""] ?? "wallPaint", work.paintL),
    ...looseNeed("ingredients", "coir", work.fibreL),
    ...looseNeed("supplies", "sculptingClay", work.clayL),
    ...(panel && work.sheetCm2 > 0
      ? [
          {
            shelf: "supplies" as const,
            id: panel,
            amount: {
              kind: "sheet" as const,
              widthCm: wallLengthCm(habitat.shell, treatment.wall),
              depthCm: habitat.shell.heightCm,
            },
          },
        ]
      : []),
  ];
}

function layerNeeds(habitat: Habitat, ground: Ground): Need[] {
  const sheets = new Map(cutSheets(habitat, ground).map((sheet) => [sheet.layerId, sheet]));
  return habitat.strata.layers.flatMap((layer, at): Need[] => {
    const looseL = ground.levels[at]?.looseL ?? 0;
    switch (layer.kind) {
      case "drainage":
        return looseNeed("drainageMedia", layer.materialId, looseL);
      case "falseBottom": {
        const legs = ground.legs.find((plan) => plan.layerId === layer.id);
        if (!legs) return [];
        return [
          { shelf: "falseBottoms", id: layer.materialId, amount: { kind: "sheet", ...legs.plate } },
          ...(layer.materialId === "gridOnFoam"
            ? []
            : [
                {
                  shelf: "supplies" as const,
                  id: "legPipe",
                  amount: { kind: "length" as const, lengthCm: legs.pipeCm },
                },
              ]),
        ];
      }
      case "barrier": {
        const sheet = sheets.get(layer.id);
        return sheet
          ? [
              {
                shelf: "barriers",
                id: layer.materialId,
                amount: { kind: "sheet", widthCm: sheet.widthCm, depthCm: sheet.depthCm },
              },
            ]
          : [];
      }
      case "dressing":
        return looseNeed("dressings", layer.materialId, looseL);
      case "soil":
        return mixNeeds(habitat, layer.mixId, looseL);
    }
  });
}

const mixNeeds = (habitat: Habitat, mixId: string, looseL: number): Need[] =>
  litresFor(habitat.mixes.find((mix) => mix.id === mixId)?.parts ?? [], looseL, ingredientsOf(habitat)).flatMap(
    ({ ingredientId, litres }) => looseNeed("ingredients", ingredientId, litres),
  );

/**
 * All a habitat is built from, with the allowance for settling: what to have at hand, before looking at what is in stock.
 *
 * @example needs(habitat).find((n) => n.id === "clayPebbles")?.amount // { kind: "loose", looseL: 14.85 }
 */
export function needs(habitat: Habitat, ground: Ground = groundOf(habitat)): Need[] {
  const filled = habitat.pieces.flatMap((piece) => {
    const litres = ground.solids.find((solid) => solid.piece === piece)?.fillL ?? 0;
    return piece.fillMixId && litres > 0
      ? mixNeeds(habitat, piece.fillMixId, litres * (1 + (mixtureOf(habitat, piece.fillMixId)?.settlesPct ?? 0) / 100))
      : [];
  });
  return addUp([
    ...habitat.shell.treatments.flatMap((treatment) => wallNeeds(habitat, treatment)),
    ...layerNeeds(habitat, ground),
    ...filled,
    ...habitat.pieces.flatMap((piece) => pieceNeed("pieceKinds", piece.kindId, 1)),
    ...habitat.strata.zones.flatMap((zone) =>
      zone.retaining ? pieceNeed("pieceKinds", zone.retaining.kindId, 1) : [],
    ),
    ...habitat.plants.flatMap((stand) => pieceNeed("plants", stand.plantId, 1)),
    ...habitat.crew.flatMap(({ crewId, count }) => pieceNeed("crew", crewId, count)),
  ]);
}
