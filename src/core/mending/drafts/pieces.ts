import { baskingOn, crevicesOf, heightsApartCm } from "../../hardscape";
import { attempt, usualSlabs, type Command, type Design, type Piece } from "../../habitat";
import type { Assessed, FindingOf } from "../../findings";
import { freePlace } from "../../placing";
import { sceneOf } from "../../scene";
import { last, one, type Draft, type Menders } from "../mender";
import { isGreen, planted, TANGLE_LEAVES } from "./greens";
import { MOST_OF_HEIGHT, setUpAll } from "./setUp";

const HIGH_SHARE = 0.55;
const onGround = { on: "ground" as const, sunkCm: 0 };

type Spot = Pick<Piece, "xCm" | "yCm" | "rest"> & { heightCm?: number; leastCm?: number };
const share = ({ shell }: Design, x: number, y: number) => ({ xCm: shell.widthCm * x, yCm: shell.depthCm * y });

/** Heights ledges are tried at, the usual ones first; where what hangs high takes them, the lower ones. */
const LEDGE_SHARES = [
  [0.45, 0.62, 0.79, 0.28, 0.53, 0.7, 0.36],
  [0.42, 0.3, 0.2],
] as const;

/** Heights for ledges that no other basking place is near to. */
function ledgeHeights({ habitat, ground, library }: Assessed, count: number, shares: readonly number[]): number[] {
  const { heightCm } = habitat.shell;
  const ledgeCm = Math.min(library.get("pieceKinds", "ledge").heightCm, heightCm * MOST_OF_HEIGHT);
  const taken = baskingOn(ground).map((solid) => solid.topCm);
  const apartCm = heightsApartCm(heightCm);
  const free = shares
    .map((part) => heightCm * part)
    .filter((upCm) => taken.every((cm) => Math.abs(cm - upCm - ledgeCm) >= apartCm));
  return Array.from({ length: count }, (_, n) => free[n] ?? heightCm * LEDGE_SHARES[0][0]);
}

/** Where along the back ledges are tried: one over the other at the warm end, or one at either end. */
const LEDGE_PLACES = [[0.25], [0.25, 0.75], [0.75], [0.5, 0.25]] as const;

/** Whether ledges that had to give way to other pieces still hang at heights clearly apart. */
function areApart(commands: readonly Command[], { habitat }: Assessed): boolean {
  const apartCm = heightsApartCm(habitat.shell.heightCm);
  const heightsCm = commands
    .flatMap((command) =>
      command.name === "addPiece" && command.args.rest?.on === "wall" ? [command.args.rest.upCm] : [],
    )
    .toSorted((a, b) => a - b);
  return heightsCm.every((cm, n) => n === 0 || cm - (heightsCm[n - 1] ?? 0) >= apartCm);
}

/** Whether a lamp can shine on all that is set up, and on what it shone on before. */
function areOpen(commands: readonly Command[], { habitat, library, ground }: Assessed): boolean {
  const after = attempt(habitat, commands, library);
  return (
    after.ok && baskingOn(sceneOf(after.design, library).ground).length === baskingOn(ground).length + commands.length
  );
}

/** Shares of the width for pieces side by side, each clear of the walls. */
const sideBySide = (n: number, count: number): number => (count === 1 ? 0.5 : 0.24 + (0.52 * n) / (count - 1));

const shortBy = ({ needCount, haveCount }: { needCount: number; haveCount: number }): number => needCount - haveCount;

const takeOut = ({ about }: { about: string }): Draft<{ variant: "remove" }>[] =>
  last({ variant: "remove" }, { name: "removePieces", args: { ids: [about] } });

/** Moves a piece to the nearest place where it has room, as it is or with a change. */
function moved<V extends "move" | "turn" | "shorten">(
  piece: Piece,
  change: Partial<Piece>,
  told: { variant: V; heightCm?: number },
  assessed: Assessed,
): Draft<typeof told>[] {
  const place = freePlace(assessed, { ...piece, ...change });
  if (!place) return [];
  const size = change.heightCm === undefined ? {} : { heightCm: change.heightCm };
  return one(told, { name: "setPiece", args: { id: piece.id, ...size, ...place } });
}

/** Sets up what is missing, or says that there is no room for it. */
function setUp<K extends string>(assessed: Assessed, kindId: K, name: string, spots: readonly Spot[]) {
  const wishes = spots.map((spot, n) => ({ ...spot, kindId, name: `${name}-${n + 1}` }));
  const commands = setUpAll(assessed, wishes);
  return commands.length === 0 ? [] : one({ kindId }, ...commands);
}

/** Where the back has no room for ledges: a branch, then a log, on the ground in front, at two heights by nature. */
function groundBasking(assessed: Assessed, quantities: FindingOf<"baskingMissing">["quantities"], about: string) {
  const count = shortBy(quantities);
  const kinds = [
    ["branch", "log"],
    ["log", "branch"],
  ] as const;
  return kinds.flatMap((ids) => {
    const wishes = Array.from({ length: count }, (_, n) => ({
      kindId: ids[n % ids.length] ?? ids[0],
      name: `${about}-${n + 1}`,
      ...share(assessed.habitat, n % 2 === 0 ? 0.3 : 0.7, 0.35),
      rest: onGround,
    }));
    const commands = setUpAll(assessed, wishes);
    return commands.length === 0 ? [] : one<{ kindId: string }>({ kindId: ids[0] }, ...commands);
  });
}

/** Piles and tubes are tried towards the back, a share of the depth. */
const PILES_AT = 0.74;
/** So much of the room over the ground a pile takes. */
const PILE_SHARE = 0.5;

/** A pile stands on the glass, and only what looks out of the ground has gaps: so high, with so many of them. */
function pileOverGround({ habitat, ground, library }: Assessed): { heightCm: number; gaps: number } {
  const { widthCm, depthCm, heightCm: boxCm } = habitat.shell;
  const groundCm = ground.surfaceAt(widthCm / 2, depthCm * PILES_AT);
  const overCm = Math.min(library.get("pieceKinds", "slabStack").heightCm, (boxCm - groundCm) * PILE_SHARE);
  const heightCm = groundCm + overCm;
  return { heightCm, gaps: Math.floor((crevicesOf(usualSlabs(heightCm)) * overCm) / heightCm) };
}

const LEAST_SHARE = 0.4;

const refuge = (drafts: Draft<{ kindId: string }>[]) =>
  drafts.map((draft) => ({ ...draft, quantities: { ...draft.quantities, variant: "setUp" as const } }));

export const pieceMenders = {
  pieceTooLarge: (finding, assessed) => {
    const { habitat, ground } = assessed;
    const piece = habitat.pieces.find(({ id }) => id === finding.about);
    const solid = ground.solids.find(({ id }) => id === finding.about);
    if (!piece || !solid) return [];
    const roomCm = Math.floor(habitat.shell.heightCm - Math.max(0, solid.baseCm));
    const shorter = roomCm >= piece.heightCm * LEAST_SHARE ? { heightCm: Math.min(piece.heightCm, roomCm) } : undefined;
    return [
      ...moved(piece, {}, { variant: "move" }, assessed),
      ...moved(piece, { turnDeg: piece.turnDeg + 90 }, { variant: "turn" }, assessed),
      ...(shorter ? moved(piece, shorter, { variant: "shorten", ...shorter }, assessed) : []),
      ...takeOut(finding),
    ];
  },
  pieceUnheld: ({ about, quantities }, assessed) => {
    const { wall } = quantities;
    const piece = assessed.habitat.pieces.find(({ id }) => id === about);
    const down = piece && freePlace(assessed, { ...piece, rest: onGround });
    const raise = one({ variant: "raise", upCm: quantities.edgeCm } as const, {
      name: "setPiece",
      args: { id: about, rest: { on: "inWall", wall, upCm: quantities.edgeCm } },
    });
    const built = (treatmentId: string, finishId: string | null) =>
      one({ variant: "build", treatmentId } as const, {
        name: "setTreatment",
        args: { wall, treatmentId, finishId },
      });
    return [
      ...(quantities.variant === "below" ? raise : [...built("foam", "siliconeFibre"), ...built("corkPanel", null)]),
      ...(down ? one({ variant: "floor" } as const, { name: "setPiece", args: { id: about, ...down } }) : []),
    ];
  },
  pieceOverlaps: (finding, assessed) => {
    const piece = assessed.habitat.pieces.find(({ id }) => id === finding.about);
    return [...(piece ? moved(piece, {}, { variant: "move" }, assessed) : []), ...takeOut(finding)];
  },
  pieceBuried: ({ about }) => one({}, { name: "setPiece", args: { id: about, rest: onGround } }),
  stoneOnSoil: ({ about, quantities }, { habitat }) => {
    const piece = habitat.pieces.find((other) => other.id === about);
    if (!piece) return [];
    const heightCm = Math.min(habitat.shell.heightCm, piece.heightCm + quantities.baseCm);
    return one({}, { name: "setPiece", args: { id: about, rest: { on: "glass" }, heightCm } });
  },
  hideMissing: ({ quantities, about }, assessed) => {
    const x = quantities.variant === "hideWarm" ? 0.24 : 0.76;
    const count = shortBy(quantities);
    const spots = Array.from({ length: count }, (_, n) => share(assessed.habitat, x, 0.2 + (0.6 * (n + 0.5)) / count));
    return setUp(
      assessed,
      "corkFlat",
      about,
      spots.map((spot) => ({ ...spot, rest: onGround, leastCm: Math.ceil(quantities.holdsGrownCm) })),
    );
  },
  uvNoShade: (_finding, assessed) =>
    setUp(assessed, "corkFlat", "shade", [{ ...share(assessed.habitat, 0.76, 0.5), rest: onGround }]),
  refugeMissing: ({ quantities, about }, assessed) => {
    const { habitat } = assessed;
    const along = (count: number, rest: Spot["rest"]): Spot[] =>
      Array.from({ length: count }, (_, n) => ({ ...share(habitat, sideBySide(n, count), PILES_AT), rest }));
    if (quantities.variant === "crevice") {
      const { heightCm, gaps } = pileOverGround(assessed);
      const spots = along(Math.ceil(shortBy(quantities) / Math.max(1, gaps)), { on: "glass" });
      return refuge(
        setUp(
          assessed,
          "slabStack",
          about,
          spots.map((spot) => ({ ...spot, heightCm })),
        ),
      );
    }
    if (quantities.variant === "leafTangle") {
      const leaves = along(shortBy(quantities) * TANGLE_LEAVES, onGround);
      return [
        ...planted(assessed, quantities, quantities.variant),
        ...refuge(setUp(assessed, "artificialPlant", about, leaves)),
      ];
    }
    if (isGreen(quantities.variant)) return planted(assessed, quantities, quantities.variant);
    if (quantities.variant !== "corkTubeHigh") return [];
    const upCm = habitat.shell.heightCm * HIGH_SHARE;
    return refuge(setUp(assessed, "corkTube", about, along(shortBy(quantities), { on: "wall", upCm })));
  },
  humidHideMissing: ({ quantities, about }, assessed) => {
    const count = shortBy(quantities);
    const spots = Array.from({ length: count }, (_, n) => share(assessed.habitat, sideBySide(n, count), 0.72));
    return setUp(
      assessed,
      "humidHide",
      about,
      spots.map((spot) => ({ ...spot, rest: onGround, leastCm: Math.ceil(quantities.holdsGrownCm) })),
    );
  },
  /** At the cool end, where its water lasts and stays fresh. */
  bowlMissing: ({ quantities, about }, assessed) => {
    const count = shortBy(quantities);
    const spots = Array.from({ length: count }, (_, n) =>
      share(assessed.habitat, 0.8, 0.2 + (0.6 * (n + 0.5)) / count),
    );
    return setUp(
      assessed,
      "waterBowl",
      about,
      spots.map((spot) => ({ ...spot, rest: onGround })),
    );
  },
  climbMissing: ({ quantities, about }, assessed) => {
    const spots = Array.from({ length: shortBy(quantities) }, (_, n) => ({
      ...share(assessed.habitat, 0.5, 0.3 + 0.35 * n),
      rest: onGround,
    }));
    return setUp(assessed, "branch", about, spots);
  },
  baskingMissing: ({ quantities, about }, assessed) => {
    const tries = LEDGE_SHARES.flatMap((shares) =>
      LEDGE_PLACES.map((at) => ({ at, heightsCm: ledgeHeights(assessed, shortBy(quantities), shares) })),
    );
    let any: Draft<{ kindId: string }>[] = [];
    for (const { at, heightsCm } of tries) {
      const spots = heightsCm.map((upCm, n): Spot => {
        const rest = { on: "wall", upCm } as const;
        return { ...share(assessed.habitat, at[n % at.length] ?? at[0], 0.85), rest };
      });
      const way = setUp(assessed, "ledge", about, spots);
      const [draft] = way;
      if (draft && areApart(draft.commands, assessed) && areOpen(draft.commands, assessed)) return way;
      if (any.length === 0) any = way;
    }
    return [...any, ...groundBasking(assessed, quantities, about)];
  },
} satisfies Partial<Menders>;
