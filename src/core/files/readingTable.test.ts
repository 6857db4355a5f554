import fc from "fast-check";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { instantIn, orderIn } from "./instants";
import { guessLayout, numberIn, readTable, textIn, type Layout } from "./readingTable";

/** What a hand-made logger of some country writes: semicolons, decimal commas, day first, degrees of Fahrenheit. */
const MESSY = `Logger 3;Keller
Datum;Uhrzeit;Temp warm (°F);Feuchte %;Batterie
25.09.2025;14:05;78,8;61,5;ok
26.09.2025;02:05;71,6;70,0;ok
26.09.2025;14:05;defekt;62,0;ok
31.02.2026;14:05;77,0;62,0;ok
27.09.2025;14:05;950,0;62,0;low
28.09.2025;14:05;80,6;;low
`;
const at = (text: string) => Date.parse(text);

describe("a messy table", () => {
  const { layout } = guessLayout(MESSY);
  const utc: Layout = { ...layout, zone: 0 };

  it("is guessed: marks, decimal commas, day first, degrees, what each column holds", () => {
    expect([layout.delimiter, layout.decimal, layout.dateOrder, layout.headRows]).toEqual([";", ",", "dmy", 2]);
    expect(layout.columns).toEqual([
      { as: "date" },
      { as: "clock" },
      { as: "value", series: "warmEnd.temperatureC", isFahrenheit: true },
      { as: "value", series: "warmEnd.humidityRh", isFahrenheit: false },
      null,
    ]);
  });
  it("comes in right, and what cannot be read is named by its row", () => {
    const { samples, rows, bad } = readTable(MESSY, utc, "UTC");
    expect(samples.filter(({ series }) => series === "warmEnd.temperatureC")).toEqual([
      { series: "warmEnd.temperatureC", atMs: at("2025-09-25T14:05:00Z"), value: 26 },
      { series: "warmEnd.temperatureC", atMs: at("2025-09-26T02:05:00Z"), value: 22 },
      { series: "warmEnd.temperatureC", atMs: at("2025-09-28T14:05:00Z"), value: 27 },
    ]);
    expect(rows).toBe(6);
    expect(bad).toEqual([
      { row: 5, why: "value" },
      { row: 6, why: "time" },
      { row: 7, why: "range" },
    ]);
  });
  it("in UTF-8, UTF-16 and Western letters is the same text", () => {
    const western = Uint8Array.from(MESSY, (letter) => letter.charCodeAt(0));
    const wide = new Uint8Array([
      0xff,
      0xfe,
      ...[...MESSY].flatMap((one) => [one.charCodeAt(0) & 255, one.charCodeAt(0) >> 8]),
    ]);
    for (const bytes of [new TextEncoder().encode(MESSY), western, wide]) expect(textIn(bytes)).toBe(MESSY);
  });
});

describe("tables of other countries", () => {
  it("month first with twelve hours, tabs, and a unit only the figures tell", () => {
    const text = "Time\tTemperature\tRH\n3/25/2026 1:30:00 PM\t79.7\t55\n3/26/2026 12:05:00 AM\t70.7\t65\n";
    const { layout } = guessLayout(text);
    expect([layout.delimiter, layout.dateOrder, layout.decimal]).toEqual(["\t", "mdy", "."]);
    const { samples, bad } = readTable(text, { ...layout, zone: -300 }, "UTC");
    expect(bad).toEqual([]);
    expect(samples[0]).toEqual({ series: "warmEnd.temperatureC", atMs: at("2026-03-25T18:30:00Z"), value: 26.5 });
    expect(samples[2]?.atMs).toBe(at("2026-03-26T05:05:00Z"));
  });
  it("ISO 8601 with its zone is that instant, whatever zone is chosen", () => {
    expect(instantIn("2026-03-25T13:30:00+02:00", "ymd", -300)).toBe(at("2026-03-25T11:30:00Z"));
    expect(instantIn("2026-03-25T13:30:00Z", "dmy", 600)).toBe(at("2026-03-25T13:30:00Z"));
  });
  it("two warm columns become two places; what is told in quotes stays in its cell (RFC 4180, section 2)", () => {
    const text = 'time,"warm end, temp","cool ""end"" temp"\r\n2026-03-25 10:00,26,22\r\n';
    const { layout } = guessLayout(text);
    expect(layout.columns.map((use) => use?.as === "value" && use.series)).toEqual([
      false,
      "warmEnd.temperatureC",
      "coolEnd.temperatureC",
    ]);
  });
});

describe("RFC 4180, section 2, as the standard prints it", () => {
  it.each<[string, string, string[][]]>([
    [
      "1 and 2: lines with and without a last break",
      "aaa,bbb,ccc\r\nzzz,yyy,xxx",
      [
        ["aaa", "bbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    [
      "5: fields may be quoted",
      '"aaa","bbb","ccc"\r\nzzz,yyy,xxx',
      [
        ["aaa", "bbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    [
      "6: breaks within quotes",
      '"aaa","b\r\nbb","ccc"\r\nzzz,yyy,xxx',
      [
        ["aaa", "b\r\nbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    ["7: a doubled quote is one", '"aaa","b""bb","ccc"', [["aaa", 'b"bb', "ccc"]]],
  ])("%s", (_rule, text, rows) => {
    expect(Papa.parse<string[]>(text, { delimiter: ",", skipEmptyLines: "greedy" }).data).toEqual(rows);
  });
});

describe("days", () => {
  it("tell their order where one can only be a day or a year", () => {
    expect(orderIn(["03.04.2026 10:00", "25.04.2026 10:00"])).toBe("dmy");
    expect(orderIn(["03/04/2026 10:00", "03/25/2026 10:00"])).toBe("mdy");
    expect(orderIn(["2026-03-04 10:00"])).toBe("ymd");
  });
  it("written in any order and zone come back as the instant they were written from", () => {
    const two = (n: number) => String(n).padStart(2, "0");
    fc.assert(
      fc.property(
        fc.date({ min: new Date("2001-01-01"), max: new Date("2080-01-01"), noInvalidDate: true }),
        fc.constantFrom("ymd" as const, "dmy" as const, "mdy" as const),
        fc.integer({ min: -12, max: 14 }).map((hours) => hours * 60),
        (date, order, zone) => {
          const atMs = Math.floor(date.getTime() / 1000) * 1000;
          const there = new Date(atMs + zone * 60_000);
          const [y, m, d] = [there.getUTCFullYear(), two(there.getUTCMonth() + 1), two(there.getUTCDate())];
          const day = { ymd: `${y}-${m}-${d}`, dmy: `${d}.${m}.${y}`, mdy: `${m}/${d}/${y}` }[order];
          const clock = `${two(there.getUTCHours())}:${two(there.getUTCMinutes())}:${two(there.getUTCSeconds())}`;
          expect(instantIn(`${day} ${clock}`, order, zone)).toBe(atMs);
        },
      ),
    );
  });
  it("that are none, and hours that are none, are no instant", () => {
    for (const text of ["31.02.2026 10:00", "12.13.2026 10:00", "12.12.2026 25:00", "12.12.2026 10:61", "later", ""])
      expect(instantIn(text, "dmy", 0), text).toBeNaN();
  });
});

it("figures are read in the way they are written, with what stands around them", () => {
  expect(numberIn("1.234,5", ",")).toBe(1234.5);
  expect(numberIn("1,234.5", ".")).toBe(1234.5);
  expect(numberIn(" 26,5 °C", ",")).toBe(26.5);
  expect(numberIn("-", ",")).toBeNaN();
});
