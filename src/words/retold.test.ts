import { readdirSync, readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { figuresIn } from "./figures";
import { retold } from "./retold";

const us = figuresIn("us");
const metric = figuresIn("metric");
/** A unit's no-break space is a matter of setting. */
const plain = (text: string): string => text.replaceAll("\u00a0", " ");

it.each([
  ["soil 5-10 cm deep", "soil 1 15/16 – 3 15/16 in deep", "soil 5 – 10 cm deep"],
  // 20 °C is 68 °F, 30 °C is 86 °F.
  ["20-30 °C by day", "68 – 86 °F by day", "20 – 30 °C by day"],
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
  const folder = new URL("./notes/en/", import.meta.url);
  const notes = readdirSync(folder).flatMap((name) =>
    Object.values(JSON.parse(readFileSync(new URL(name, folder), "utf8")) as Record<string, object>).flatMap(textsOf),
  );
  expect(notes.length).toBeGreaterThan(500);
  expect(notes.filter((note) => /\d\s?(cm|°C|kg|L)\b/.test(retold(note, us)))).toEqual([]);
});

const textsOf = (held: object | string): string[] =>
  typeof held === "string" ? [held] : Object.values(held).flatMap((inner: object | string) => textsOf(inner));
