import * as z from "zod";
import { PlainTextSchema } from "../catalog";
import { LIMITS, type LimitId } from "./limits";

/** A number within the limits of what it measures. */
export const within = (id: LimitId) => z.number().min(LIMITS[id].min).max(LIMITS[id].max);

/** Ids are made outside the core and only ever compared. */
export const IdSchema = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, { message: "id" });
export const NameSchema = PlainTextSchema;
export const CatalogIdSchema = z.string().regex(/^[a-z][A-Za-z0-9]{0,63}$/, { message: "id" });
/** Why somebody goes another way than advised, in their words. */
export const ReasonSchema = z.string().trim().min(1).max(300);
export const DateSchema = z.iso.date();
export const InstantSchema = z.iso.datetime();

export const WALLS = ["front", "back", "left", "right"] as const;
export type Wall = (typeof WALLS)[number];

/** A place in the box, from the left and the front glass. */
export const planCm = z.number().min(0).max(LIMITS.boxCm.max);
