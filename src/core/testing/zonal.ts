import { saturationKPa, virtualC } from "../climate";

/**
 * A steady solver by other equations than the first sizing's, to hold it against: three columns, each with its air, walls,
 * lid, ground and leaves; radiation by fourth powers through a star; air films by natural convection as the warmth of
 * each surface makes them (ASHRAE Fundamentals, recalled: 1.31 ΔT^⅓ beside, 1.52 ΔT^⅓ over what is warm, 0.59 ΔT^¼ under);
 * evaporation at each surface's own warmth; columns trade air by Brown and Solvason's doorway. Air through the openings
 * alone is the flow model's own, which is held to Epstein and Sampson by itself.
 */
const SIGMA = 5.67e-8;
const EMITS = 0.9;
const CP = 1006;
const RHO = 1.2;
const LATENT = 2.45e6;
const LEWIS = 0.9;
const COLUMNS = [0, 1, 2] as const;
const SHORTEST_M = 0.1;

export type Case = {
  widthM: number;
  depthM: number;
  highM: number;
  fillM: number;
  wallM2KPerW: number;
  isClear: boolean;
  closedShare: number;
  openShare: number;
  dampness: number;
  leafM2: number;
  leafSM: { day: number; night: number };
  lamps: readonly { xShare: number; airW: number; shoneW: number; lightShare: number; by: "day" | "both" }[];
  sprayGPerDay: number;
  changes: (lighterK: number) => number;
  room: { c: number; rh: number };
};

const fullRatio = (c: number): number => (0.622 * saturationKPa(c)) / (101.325 - saturationKPa(c));
const fourth = (c: number): number => (c + 273.15) ** 4;
const beside = (k: number): number => Math.max(1, 1.31 * Math.cbrt(Math.abs(k)));
const overWarm = (k: number): number => (k > 0 ? Math.max(1, 1.52 * Math.cbrt(k)) : 1 + 0.59 * (-k) ** 0.25);
const leafFilm = (k: number): number => Math.max(2.5, 1.42 * (Math.abs(k) / SHORTEST_M) ** 0.25);

type Node = { c: number };
type Column = { air: Node; wall: Node; lid: Node; ground: Node; leaf: Node; star: Node };
type Solved = { airC: [number, number, number]; ratio: number; outKgPerS: number };

/** A node settles to where what flows in at a slope is nothing, half way at a time. */
const relax = (node: Node, netW: number, slope: number): void => {
  node.c += Math.max(-3, Math.min(3, (0.5 * netW) / slope));
};

export function solve(one: Case, half: "day" | "night"): Solved {
  const { room, widthM, depthM, highM, fillM } = one;
  const floorM2 = (widthM * depthM) / 3;
  const deepM = highM - fillM;
  const roomRatio = (fullRatio(room.c) * room.rh) / 100;
  const columns: Column[] = COLUMNS.map(() => ({
    air: { c: room.c },
    wall: { c: room.c },
    lid: { c: room.c },
    ground: { c: room.c },
    leaf: { c: room.c },
    star: { c: room.c },
  }));
  const wallM2 = COLUMNS.map((n) => 2 * (widthM / 3) * deepM + (n === 1 ? 0 : depthM * deepM));
  const leafM2 = one.leafM2 / 3;
  const past = Math.exp((-0.6 * one.leafM2) / (3 * floorM2));
  const lit = one.lamps.filter(({ by }) => by === "both" || half === "day");
  // A lamp shines most into its own column, and into its neighbours by their distance.
  const shareIn = (xShare: number, n: number) => {
    const near = COLUMNS.map((at) => Math.exp(-(((at + 0.5) / 3 - xShare) ** 2) / (2 * 0.22 ** 2)));
    return near[n]! / near.reduce((sum, value) => sum + value, 0);
  };
  let ratio = roomRatio;
  let outKgPerS = 0;
  for (let sweep = 0; sweep < 1500; sweep++) {
    let [vapour, slopeKg] = [0, 0];
    const meanC = columns.reduce((sum, { air }) => sum + air.c, 0) / 3;
    const perH = one.changes(virtualC(meanC, ratio) - virtualC(room.c, roomRatio));
    const airKgPerS = (RHO * widthM * depthM * deepM * perH) / 3600;
    for (const n of COLUMNS) {
      const column = columns[n]!;
      const { air, wall, lid, ground, leaf, star } = column;
      const shone = lit.map((lamp) => ({ ...lamp, w: lamp.shoneW * (1 - lamp.lightShare) * shareIn(lamp.xShare, n) }));
      const shoneW = shone.reduce((sum, { w }) => sum + w, 0);
      const rising = lit.reduce((sum, lamp) => sum + lamp.airW * shareIn(lamp.xShare, n), 0);
      const onWalls = one.isClear ? 0 : shoneW * past * 0.3;
      const radiates = (node: Node, m2: number) => EMITS * SIGMA * m2 * (fourth(star.c) - fourth(node.c));
      const wet = (node: Node, film: number, m2: number, sPerM: number, share: number) => {
        const over = fullRatio(node.c) - ratio;
        const free = film / (CP * LEWIS);
        const g = over > 0 ? (sPerM === Infinity ? 0 : (share * m2) / (1 / free + sPerM / RHO)) : m2 * free;
        const slope = (fullRatio(node.c + 0.01) - fullRatio(node.c)) / 0.01;
        vapour += g * over;
        slopeKg += g;
        return { heatW: LATENT * g * over, perK: LATENT * g * slope };
      };
      const settle = (
        node: Node,
        m2: number,
        film: number,
        outWPerK: number,
        gainsW: number,
        gives: { heatW: number; perK: number },
      ) => {
        const net =
          m2 * film * (air.c - node.c) + radiates(node, m2) + outWPerK * (room.c - node.c) + gainsW - gives.heatW;
        relax(node, net, m2 * (film + 5) + outWPerK + gives.perK);
        return m2 * film * (node.c - air.c);
      };
      const sprayed = one.sprayGPerDay / 3 / 86_400_000;
      const landsOn = leafM2 > 0 ? leaf : wall;
      const film = sprayed * 0.55 * wetness(sprayed * 0.55, leafM2 + wallM2[n]! * 0.3, fullRatio(landsOn.c) - ratio);
      vapour += film;
      const filmOn = (node: Node) => (node === landsOn ? LATENT * film : 0);
      const films = {
        wall: beside(air.c - wall.c),
        lid: overWarm(air.c - lid.c),
        ground: overWarm(ground.c - air.c),
        leaf: leafFilm(leaf.c - air.c),
      };
      const outside = 5 + beside(wall.c - room.c);
      const groundWet = Math.sin((Math.PI / 2) * one.dampness) ** 4;
      let toAirW = rising;
      toAirW += settle(
        wall,
        wallM2[n]!,
        films.wall,
        wallM2[n]! / (1 / outside + one.wallM2KPerW),
        onWalls - filmOn(wall),
        wet(wall, films.wall, wallM2[n]!, Infinity, 0),
      );
      const lidM2 = floorM2 * one.closedShare;
      if (lidM2 > 0)
        toAirW += settle(
          lid,
          lidM2,
          films.lid,
          lidM2 / (1 / (5 + 2) + 0.005),
          0,
          wet(lid, films.lid, lidM2, Infinity, 0),
        );
      toAirW += settle(
        ground,
        floorM2,
        films.ground,
        floorM2 / (fillM / 0.35 + 0.005 + 0.1 + 0.17),
        shoneW * past * 0.7,
        wet(ground, films.ground, floorM2, 400, groundWet),
      );
      if (leafM2 > 0)
        toAirW += settle(
          leaf,
          2 * leafM2,
          films.leaf,
          0,
          shoneW * (1 - past) - filmOn(leaf),
          wet(leaf, films.leaf, leafM2, one.leafSM[half], 1),
        );
      // The star: what the column's surfaces shine, what goes to its neighbours, and what goes out through the open top.
      const openM2 = floorM2 * one.openShare * 0.75;
      const cross = depthM * deepM;
      const neighbours = [columns[n - 1], columns[n + 1]].flatMap((other) => (other ? [other.star] : []));
      const starW =
        -radiates(wall, wallM2[n]!) -
        radiates(lid, lidM2) -
        radiates(ground, floorM2) -
        (leafM2 > 0 ? radiates(leaf, Math.min(2 * leafM2, 2 * floorM2)) : 0) +
        SIGMA * EMITS * openM2 * (fourth(room.c) - fourth(star.c)) +
        neighbours.reduce((sum, other) => sum + SIGMA * EMITS * cross * (fourth(other.c) - fourth(star.c)), 0);
      const starM2 = wallM2[n]! + lidM2 + floorM2 + 2 * leafM2 + openM2 + cross * neighbours.length;
      relax(star, starW, 5.5 * starM2);
      // Air: its surfaces, the doorways beside it, and the room.
      const doors = [columns[n - 1], columns[n + 1]].flatMap((other) => (other ? [other.air.c] : []));
      const doorWPerK = (k: number) =>
        CP * RHO * (0.45 / 3) * 0.5 * cross * Math.sqrt((9.81 * deepM) / 294) * Math.sqrt(Math.abs(k) + 0.02);
      const doorW = doors.reduce((sum, c) => sum + doorWPerK(c - air.c) * (c - air.c), 0);
      const ventW = ((airKgPerS * CP) / 3) * (room.c - air.c);
      const airPerK = 3 * (wallM2[n]! + floorM2 + 2 * leafM2) + (airKgPerS * CP) / 3 + doorWPerK(1) * doors.length;
      relax(air, toAirW + doorW + ventW, airPerK);
    }
    outKgPerS = airKgPerS * (ratio - roomRatio);
    const full = Math.min(...columns.map(({ air }) => fullRatio(air.c)));
    ratio = Math.min(full, ratio + (0.5 * (vapour - outKgPerS)) / (slopeKg + airKgPerS));
  }
  const [a, b, c] = columns;
  return { airC: [a!.air.c, b!.air.c, c!.air.c], ratio, outKgPerS };
}

/** Of what is sprayed on leaves and panes, what dries off before it drips: by bisection on how wet they stay. */
function wetness(supplyKgPerS: number, m2: number, over: number): number {
  if (supplyKgPerS <= 0) return 0;
  const could = Math.max(0, over) * m2 * (3 / (CP * LEWIS));
  let [low, high] = [0, 1];
  for (let step = 0; step < 40; step++) {
    const x = (low + high) / 2;
    const dries = Math.min(1, (1.25 * x) / (x + 0.25)) * could;
    if (dries < supplyKgPerS) low = x;
    else high = x;
  }
  return Math.min(1, (Math.min(1, (1.25 * low) / (low + 0.25)) * could) / supplyKgPerS);
}

export const rhOf = (c: number, ratio: number): number => Math.min(100, (100 * ratio) / fullRatio(c));
