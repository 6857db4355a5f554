import { crevicesOf, heightsApartCm } from "../../hardscape";
import type { Command, Design, Piece } from "../../habitat";
import type { Assessed } from "../../findings";
import { freePlace } from "../../placing";
import { last, one, type Draft, type Menders } from "../mender";
import { isGreen, planted } from "./greens";
import { MOST_OF_HEIGHT, pieceOf, setUpAll } from "./setUp";

const HIGH_SHARE = 0.55;
const onGround = { on: "ground" as const, sunkCm: 0 };

type Spot = Pick<Piece, "xCm" | "yCm" | "rest">;
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
  const taken = ground.solids.filter((solid) => solid.kind.roles.includes("basking")).map((solid) => solid.topCm);
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
      spots.map((spot) => ({ ...spot, rest: onGround })),
    );
  },
  uvNoShade: (_finding, assessed) =>
    setUp(assessed, "corkFlat", "shade", [{ ...share(assessed.habitat, 0.76, 0.5), rest: onGround }]),
  refugeMissing: ({ quantities, about }, assessed) => {
    const { habitat } = assessed;
    const along = (count: number, rest: Spot["rest"]): Spot[] =>
      Array.from({ length: count }, (_, n) => ({ ...share(habitat, sideBySide(n, count), 0.74), rest }));
    if (quantities.variant === "crevice") {
      const { slabs } = pieceOf(assessed, { kindId: "slabStack", id: about, xCm: 0, yCm: 0 });
      const piles = Math.ceil(shortBy(quantities) / Math.max(1, crevicesOf(slabs)));
      return refuge(setUp(assessed, "slabStack", about, along(piles, { on: "glass" })));
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
      spots.map((spot) => ({ ...spot, rest: onGround })),
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
      if (draft && areApart(draft.commands, assessed)) return way;
      if (any.length === 0) any = way;
    }
    return any;
  },
} satisfies Partial<Menders>;
