/** The figure of a printed end, and what follows it: `12.5 kg`, `40 %`, `3`. */
const parted = (printed: string): readonly [figure: string, unit: string] => {
  const [figure = "", ...unit] = printed.split("\u00a0");
  return [figure, unit.join("\u00a0")];
};

/** What a dash would run into: the parts of a fraction, a sign, a unit between. */
const needsRoom = (text: string): boolean => /[ /−-]/.test(text);

/**
 * A range of two printed ends: a unit they share is told once, units that differ are both kept, ends that print alike
 * are one figure.
 *
 * @example ranged("27\u00a0°C", "31\u00a0°C")          // "27–31 °C"
 * @example ranged("1 9/16\u00a0in", "2\u00a0in")        // "1 9/16 – 2 in"
 * @example ranged("1.9\u00a0fl oz", "1.6\u00a0cups")    // "1.9 fl oz – 1.6 cups"
 */
export function ranged(low: string, high: string): string {
  if (low === high) return high;
  const [[from, fromUnit], [to, toUnit]] = [parted(low), parted(high)];
  if (fromUnit !== toUnit) return `${low} – ${high}`;
  return needsRoom(from) || needsRoom(to) ? `${from} – ${high}` : `${from}–${high}`;
}

const LOW_END = /(?:^l|(?<=[a-z])L)(?:ow|east)(?=[A-Z]|$)/;

/**
 * The name of the other end of a range and of the whole of it, by the name of its low end.
 *
 * @example rangeNamed("wantLowC") // { high: "wantHighC", range: "wantRangeC" }
 */
export function rangeNamed(low: string): { high: string; range: string } | undefined {
  const end = LOW_END.exec(low);
  if (!end) return undefined;
  const [said] = end;
  const upper = said.startsWith("L");
  const named = (word: string) => low.replace(LOW_END, upper ? word.charAt(0).toUpperCase() + word.slice(1) : word);
  return { high: named(said.endsWith("ow") ? "high" : "most"), range: named("range") };
}
