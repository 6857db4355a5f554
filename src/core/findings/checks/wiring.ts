import { GEAR_LIGHTS } from "../../catalog";
import {
  chainOf,
  hangingOn,
  isHeld,
  isOnAt,
  isResidualGuard,
  isThermostat,
  mostWattsOf,
  wattsOn,
  type Fitted,
} from "../../gear";
import { nearWater } from "../../outlook";
import type { Assessed, Check, Found } from "../types";

const told = (code: "heaterLoose" | "lightByNight", { piece, kind }: Fitted, weight: Found["weight"]): Found => ({
  code,
  about: piece.id,
  weight,
  step: "climate",
  quantities: { kindId: kind.id },
});

/** Heaters that run hot whatever the box is like: every heater hangs on a thermostat. */
function loose({ outlook, habitat }: Assessed): Found[] {
  return outlook.all
    .filter(({ kind }) => kind.purpose === "nightHeat")
    .filter(({ piece }) => !chainOf(piece, habitat.gear).some(isThermostat))
    .map((one) => told("heaterLoose", one, "harm"));
}

/** What each controller is called where a kind says what it must never meet. */
const CALLED: Readonly<Record<string, readonly string[]>> = {
  onOffThermostat: ["onOff", "onOffThermostat"],
  dimmingThermostat: ["dimming", "dimmingThermostat"],
  pulseThermostat: ["pulse", "pulseThermostat"],
  handDimmer: ["dimming", "handDimmer"],
};

/** Whether one kind must never hang on another. */
const clash = ({ id, neverWith }: Fitted["kind"], controller: Fitted["kind"]): boolean =>
  controller.neverWith.includes(id) ||
  [controller.id, ...(CALLED[controller.id] ?? [])].some((called) => neverWith.includes(called));

function miswired({ outlook, habitat, library }: Assessed): Found[] {
  return outlook.all.flatMap(({ piece, kind }): Found[] => {
    const bad = chainOf(piece, habitat.gear).find((one) => clash(kind, library.get("gear", one.kindId)));
    if (!bad) return [];
    const quantities = { kindId: kind.id, otherKindId: bad.kindId };
    return [{ code: "miswired", about: piece.id, weight: "harm", step: "climate", quantities }];
  });
}

function overloaded({ outlook }: Assessed): Found[] {
  return outlook.all.flatMap((one): Found[] => {
    const mostW = mostWattsOf(one);
    const loadW = wattsOn(one.piece.id, outlook.all);
    if (mostW === undefined || loadW <= mostW || hangingOn(one.piece.id, outlook.all).length === 0) return [];
    const quantities = { kindId: one.kind.id, loadW: Math.round(loadW), mostW };
    return [{ code: "stripOverloaded", about: one.piece.id, weight: "harm", step: "climate", quantities }];
  });
}

/** Two at night and three at night: what is lit then is lit by night. */
const NIGHT_MIN = [2 * 60, 3 * 60];
/** A glimmer like the moon's does no harm (from memory). */
const GLIMMERS = "moonLight";

function byNight({ outlook }: Assessed): Found[] {
  const lit = ({ piece, kind }: Fitted) =>
    GEAR_LIGHTS.includes(kind.purpose) &&
    kind.id !== GLIMMERS &&
    (isHeld(piece.run)
      ? piece.run.by === "warmth" && piece.run.nightC !== null
      : NIGHT_MIN.every((min) => isOnAt(piece.run, min, outlook.on)));
  return outlook.all.filter(lit).map((one) => told("lightByNight", one, "look"));
}

/** How gear is switched and fed: thermostats, what never goes with what, what a strip bears, light by night. */
export const checkWiring: Check = (assessed) => [
  ...loose(assessed),
  ...miswired(assessed),
  ...overloaded(assessed),
  ...byNight(assessed),
];

/** Electricity near water: a residual-current device before it, and cables that let water drip off. */
export const checkSockets: Check = (assessed) => {
  const { habitat } = assessed;
  const wet = nearWater(assessed);
  if (wet.length === 0) return [];
  const guards = (one: Fitted) => chainOf(one.piece, habitat.gear).some(isResidualGuard);
  const bare = habitat.power.guarded ? [] : wet.filter((one) => !guards(one));
  const count = bare.length;
  return [
    ...(count > 0
      ? [{ code: "socketUnguarded", about: "power", weight: "harm", step: "climate", quantities: { count } } as Found]
      : []),
    ...(habitat.power.dripLoops
      ? []
      : [
          {
            code: "noDripLoop",
            about: "power",
            weight: "look",
            step: "climate",
            quantities: { count: wet.length },
          } as Found,
        ]),
  ];
};
