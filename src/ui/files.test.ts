import { expect, it } from "vitest";
import { decodeText } from "./files";

const TEXT = "Tonpulver für Höhlen;0,35";

it("reads text in UTF-8 with and without its mark, in UTF-16 either way round, and in the old western encoding", () => {
  const utf16 = (little: boolean) =>
    Uint8Array.from(
      [...`\uFEFF${TEXT}`].flatMap((char) => {
        const code = char.charCodeAt(0);
        return little ? [code & 255, code >> 8] : [code >> 8, code & 255];
      }),
    );
  const western = Uint8Array.from([...TEXT].map((char) => char.charCodeAt(0)));
  for (const bytes of [
    new TextEncoder().encode(TEXT),
    new TextEncoder().encode(`\uFEFF${TEXT}`),
    utf16(true),
    utf16(false),
    western,
  ])
    expect(decodeText(bytes)).toBe(TEXT);
});
