import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { SHARES } from "./shares";

it("counts every figure once, and the README tells the same counts", () => {
  expect(SHARES.published + SHARES.practice + SHARES.memory).toBe(SHARES.total);
  const told = readFileSync("README.md", "utf8").replace(/\s+/g, " ");
  const figures = (value: number) => value.toLocaleString("en");
  expect(told).toContain(
    `Of its ${figures(SHARES.total)} figures ${figures(SHARES.published)} are published, ${figures(SHARES.practice)} common practice and ${figures(SHARES.memory)} from memory`,
  );
});
