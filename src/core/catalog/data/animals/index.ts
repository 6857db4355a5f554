import type { Animal } from "../../schema";
import { amphibians } from "./amphibians";
import { invertebrates } from "./invertebrates";
import { lizards } from "./lizards";
import { snakes } from "./snakes";

/** The animals a habitat can be built for. Sizes inner, cm; temperatures °C; humidity % RH. */
export const animals: readonly Animal[] = [...amphibians, ...lizards, ...snakes, ...invertebrates];
