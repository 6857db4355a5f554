import type { Plant } from "../../schema";
import { dryAndWet } from "./dryAndWet";
import { epiphytes } from "./epiphytes";
import { foliage } from "./foliage";

/** The plants on offer. Heights, spreads and roots as grown in a box, cm. */
export const plants: readonly Plant[] = [...foliage, ...epiphytes, ...dryAndWet];
