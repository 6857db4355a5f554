import { describe, expect, it } from "vitest";
import { STOCK } from "@/core/library";
import { sayIn } from "@/words";
import { startSchema, type StartFields } from "./startSchema";

const good: StartFields = {
  animalId: "crocodileSkink",
  count: "2",
  name: "Fernwall",
  size: "24 x 18 x 18 in",
  sill: "6 3/4 in",
  top: "mesh",
  temperature: "70 F",
  humidity: "45 %",
};
const read = (change: Partial<StartFields>, system: "metric" | "us" = "metric") =>
  startSchema(sayIn(system, STOCK), system).safeParse({ ...good, ...change });
const told = (change: Partial<StartFields>, system: "metric" | "us" = "metric") => {
  const result = read(change, system);
  return result.success
    ? "accepted"
    : result.error.issues.map((issue) => `${issue.path.join(".")}: ${issue.message}`).join(" | ");
};

describe("the start form", () => {
  it("reads what people type into base units", () => {
    expect(read({}).data).toMatchObject({
      count: 2,
      shell: {
        widthCm: expect.closeTo(60.96, 6),
        heightCm: expect.closeTo(45.72, 6),
        sillCm: expect.closeTo(17.145, 6),
      },
      room: { temperatureC: expect.closeTo(21.11, 2), humidityRh: 45 },
    });
  });
  it("asks for an animal where none was chosen", () => {
    expect(told({ animalId: "" })).toBe("animalId: Who will live in it? Type a name and choose an animal.");
  });
  it("calls a habitat that was given no name by who lives in it", () => {
    expect(read({ name: "  " }).data?.name).toBe("Red-eyed crocodile skink");
  });
  it("takes bare numbers in the chosen system", () => {
    expect(read({ size: "24 x 18 x 18", sill: "0", temperature: "70", humidity: "45" }, "us").data).toMatchObject({
      shell: { widthCm: expect.closeTo(60.96, 6) },
      room: { temperatureC: expect.closeTo(21.11, 2) },
    });
  });
  it.each<[Partial<StartFields>, RegExp]>([
    [{ size: "" }, /^size: Inner size.*needed to start/],
    [{ size: "0 x 45 x 45" }, /^size: Width: must be between 10.cm and 500.cm/],
    [{ size: "60 x 45" }, /^size: .*give width × depth × height/],
    [{ size: "60 x 45 x 45 gal" }, /^size: .*unit of another kind/],
    [{ sill: "-2" }, /^sill: Door sill: must be between/],
    [{ temperature: "400" }, /^temperature: The room, Temperature: must be between/],
    [{ humidity: "wet" }, /^humidity: The room, Humidity: “wet” is not a measure/],
    [{ count: "two" }, /^count: How many: a whole number, 1–200/],
    [{ count: "0" }, /^count: /],
    [{ name: "a".repeat(61) }, /^name: Name: at most 60/],
    [{ name: "<b>" }, /^name: Name: leave out </],
  ])("refuses %j, naming the field", (change, message) => {
    expect(told(change)).toMatch(message);
  });
  it("tells limits in the chosen units", () => {
    expect(told({ size: "1 x 18 x 18" }, "us")).toMatch(/between 3 15\/16.in and 196 7\/8.in/);
  });
});
