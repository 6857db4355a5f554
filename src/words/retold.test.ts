import { readdirSync, readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { figuresIn } from "./figures";
import { retold } from "./retold";

const us = figuresIn("us");
const metric = figuresIn("metric");
/** A unit's no-break space is a matter of setting. */
const plain = (text: string): string => text.replaceAll("\u00a0", " ");

it.each([
  // 5 cm is 1.97 in, 10 cm 3.94, 12 cm 4.72, 25 cm 9.84, 35 cm 13.78: told as one would by eye.
  ["soil 5-10 cm deep", "soil 2–4 in deep", "soil 5–10 cm deep"],
  ["hatchlings of 25 to 35 cm", "hatchlings of 10–14 in", "hatchlings of 25–35 cm"],
  ["crevices of 2 to 12 cm", "crevices of 3/4 – 4 3/4 in", "crevices of 2–12 cm"],
  // 0.4 kg is 14.1 oz, 2 kg 4.4 lb: both units are kept.
  ["0.4-2 kg grown", "14.1 oz – 4.4 lb grown", "400 g – 2 kg grown"],
  // 20 °C is 68 °F, 30 °C is 86 °F.
  ["20-30 °C by day", "68–86 °F by day", "20–30 °C by day"],
  ["a room of 20 to 25 °C", "a room of 68–77 °F", "a room of 20–25 °C"],
  ["above 20 °C for days", "above 68 °F for days", "above 20 °C for days"],
  // A difference of 2 kelvin is one of 3.6 degrees Fahrenheit; whole degrees are shown.
  ["likes it 2 °C warmer", "likes it 4 °F warmer", "likes it 2 °C warmer"],
  ["up to 1 kg", "up to 2.2 lb", "up to 1 kg"],
  ["feed 2-3 times, 4 mm crickets", "feed 2–3 times, 3/16 in crickets", "feed 2–3 times, 4 mm crickets"],
])("%j is told in both unit systems", (note, inUs, inMetric) => {
  expect(plain(retold(note, us))).toBe(inUs);
  expect(plain(retold(note, metric))).toBe(inMetric);
});

it("leaves no metric figure in any note when US units are chosen", () => {
  expect(notes().length).toBeGreaterThan(500);
  expect(notes().filter((note) => /\d\s?(cm|mm|°C|kg|L)\b/.test(retold(note, us)))).toEqual([]);
});

it("tells both ends of a range in one unit system", () => {
  const ranges = notes().flatMap((note) =>
    [...note.matchAll(/(\d+(?:\.\d+)?)(?: to |[-–])\d+(?:\.\d+)? (?:cm|°C|kg|mm)/g)].map(([all, low]) => ({
      all,
      low,
    })),
  );
  expect(ranges.length).toBeGreaterThan(60);
  for (const { all, low } of ranges) expect(retold(all, us), all).not.toMatch(new RegExp(`^${low} ?(to|[-–])`));
});

const textsOf = (held: object | string): string[] =>
  typeof held === "string" ? [held] : Object.values(held).flatMap((inner: object | string) => textsOf(inner));

function notes(): string[] {
  const folder = new URL("./notes/en/", import.meta.url);
  return readdirSync(folder).flatMap((name) =>
    Object.values(JSON.parse(readFileSync(new URL(name, folder), "utf8")) as Record<string, object>).flatMap(textsOf),
  );
}
