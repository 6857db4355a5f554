import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import type { CatalogKind } from "@/core/catalog";
import { STOCK } from "@/core/library";
import { countShares } from "./shares";

const SHARES = countShares();

it("counts every figure once, and the README tells the same counts", () => {
  expect(SHARES.published + SHARES.practice + SHARES.memory).toBe(SHARES.total);
  const told = readFileSync("README.md", "utf8").replace(/\s+/g, " ");
  const entries = (kind: CatalogKind) => STOCK.all(kind).length;
  expect(told).toContain(
    `${entries("animals")} animals, ${entries("plants")} plants, ${entries("crew")} crew species, ${entries("gear")} kinds of gear, ${entries("ingredients")} ingredients and ${entries("recipes")} recipes`,
  );
  const figures = (value: number) => value.toLocaleString("en");
  expect(told).toContain(
    `Of its ${figures(SHARES.total)} figures ${figures(SHARES.published)} are published, ${figures(SHARES.practice)} common practice and ${figures(SHARES.memory)} from memory`,
  );
});
