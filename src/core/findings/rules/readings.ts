import type { Rule } from "../types";

/** The newest reading lies outside its band. The water line has a rule of its own. */
export const readingRules: Rule = ({ bands }) =>
  bands.flatMap(({ what, place, value, band, side }) => {
    if (side === "in" || what === "waterLineCm") return [];
    const unit = what === "temperatureC" ? "C" : "Rh";
    return [
      {
        code: "outOfBand" as const,
        about: `${what}-${place}`,
        severity: "look" as const,
        step: "keeping" as const,
        quantities: { what, place, side, [`value${unit}`]: value, [`low${unit}`]: band[0], [`high${unit}`]: band[1] },
      },
    ];
  });
