import { z } from "zod";
import { provenanceShape } from "./provenance";

/** What the schemas of all shelves are put together from. */
export const positive = z.number().positive();
export const percent = z.number().min(0).max(100);

export const TEXTURES = ["pebble", "grain", "flake", "fibre", "leaf", "moss", "mesh", "crumb", "chip"] as const;
/** How a material is drawn: a kind of texture and the ground colour under it. */
export const look = z.strictObject({ texture: z.enum(TEXTURES), color: z.string().regex(/^#[0-9a-f]{6}$/) });

export const entryShape = { id: z.string().regex(/^[a-z][A-Za-z0-9]*$/), ...provenanceShape };
