import { plainOf, type Migration, type Plain } from "./migration";

const DAY = { fromMin: 8 * 60, untilMin: 20 * 60 };

/** What was held was held by day and by night. */
function runOf(run: Plain): Plain {
  switch (run.by) {
    case "hours":
      return { ...run, rampMin: 0 };
    case "warmth":
      return { by: "warmth", ...DAY, dayC: run.holdC, nightC: run.holdC, alarmLowC: null, alarmHighC: null };
    case "damp":
      return { by: "damp", ...DAY, dayRh: run.holdRh, nightRh: run.holdRh };
    default:
      return run;
  }
}

const gearOf = (piece: Plain): Plain => ({
  ...piece,
  place: null,
  wall: null,
  size: {},
  run: runOf(plainOf(piece.run)),
  months: null,
  feedId: null,
  probe: null,
});

/** Version 10 knows the place, the size, the months, the wiring and the probes of gear, and how it is fed. */
export const v9ToV10: Migration = (document) => {
  const design = plainOf(document.design);
  const gear = Array.isArray(design.gear) ? design.gear.map((piece) => gearOf(plainOf(piece))) : design.gear;
  const power = { pricePerKWh: null, guarded: false, dripLoops: false };
  return { ...document, design: { ...design, gear, power } };
};
