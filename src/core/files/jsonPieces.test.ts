import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { JsonPieces } from "./jsonPieces";

/** What is told of a text in pieces, as the object it was; undefined where it is no JSON. */
function readIn(pieces: readonly string[], listed: readonly string[] = []): { read: unknown } | undefined {
  const members = new Map<string, unknown>();
  const told = {
    member: (name: string, value: unknown) => void members.set(name, value),
    list: (name: string) => void members.set(name, []),
    item: (name: string, value: unknown) => void (members.get(name) as unknown[]).push(value),
  };
  const json = new JsonPieces(told, new Set(listed));
  try {
    for (const piece of pieces) json.push(piece);
    json.finish();
  } catch (error) {
    if (error instanceof SyntaxError) return undefined;
    throw error;
  }
  return { read: Object.fromEntries(members) };
}

const cut = (text: string, cuts: readonly number[]): string[] => {
  const marks = [0, ...cuts.map((share) => Math.floor(share * text.length)).toSorted((a, b) => a - b), text.length];
  return marks.slice(1).map((to, at) => text.slice(marks[at], to));
};
const cuts = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 12 });
const anyObject = fc.dictionary(
  fc.constantFrom("a", "b", "events", "samples", "", '"', "\\"),
  fc.oneof(fc.jsonValue(), fc.array(fc.jsonValue(), { maxLength: 5 })),
);

// The outside reference is the platform's own JSON.parse (ECMA-404).
describe("JSON in pieces", () => {
  it("is what JSON.parse makes of the whole, however it is laid out and cut", () => {
    fc.assert(
      fc.property(anyObject, cuts, fc.constantFrom(0, 1, 4), (object, at, indent) => {
        const text = JSON.stringify(object, null, indent);
        expect(readIn(cut(text, at), ["events", "samples", "a"])).toEqual({ read: JSON.parse(text) });
      }),
      { numRuns: 400 },
    );
  });

  it("is taken where JSON.parse takes it, and refused where it refuses it", () => {
    const signs = fc.constantFrom(..."{}[],:\"\\ \n\t\u00a0\ufeff0123eE+-.tfnul'/ab".split(""));
    const spoilt = fc
      .tuple(
        anyObject,
        fc.array(fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), signs, fc.nat(2)), { maxLength: 3 }),
      )
      .map(([object, edits]) =>
        edits.reduce((text, [share, sign, gone]) => {
          const at = Math.floor(share * text.length);
          return text.slice(0, at) + sign + text.slice(at + gone);
        }, JSON.stringify(object)),
      );
    const isJson = (text: string): boolean => {
      try {
        JSON.parse(text);
        return true;
      } catch {
        return false;
      }
    };
    const soup = fc.array(signs, { maxLength: 12 }).map((all) => all.join(""));
    fc.assert(
      fc.property(fc.oneof(spoilt, soup), cuts, (text, at) => {
        expect([text, readIn(cut(text, at), ["events", "a"]) !== undefined]).toEqual([text, isJson(text)]);
      }),
      { numRuns: 3000 },
    );
  });

  it("told twice is what was told last, as JSON.parse has it", () => {
    const text = '{"events":[1],"events":[2,3],"a":[4],"a":5}';
    expect(readIn([text], ["events", "a"])).toEqual({ read: JSON.parse(text) });
  });

  it("of great depth or length is no trouble", () => {
    const deep = `{"a":${"[".repeat(100_000)}${"]".repeat(100_000)}}`;
    expect(readIn([deep])).toBeDefined();
    expect(readIn(cut(`{"events":[${"7,".repeat(200_000)}7]}`, [0.3]), ["events"])).toBeDefined();
  });
});
