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

/** Calendar days a habitat can speak of: animals outlive their keepers, and plans end. ISO 8601. */
export const FIRST_DAY = "1900-01-01";
export const LAST_DAY = "2100-12-31";
/** Instants at which something can have been measured or written: from 1970 to the end of 2100, ms UTC. */
export const INSTANTS_MS = { min: 0, max: Date.UTC(2101, 0, 1) - 1 } as const;

const OUT_OF_RANGE = { message: "out of range" };
export const DateSchema = z.iso.date().refine((day) => day >= FIRST_DAY && day <= LAST_DAY, OUT_OF_RANGE);
export const InstantSchema = z.iso.datetime().refine((instant) => isInstant(Date.parse(instant)), OUT_OF_RANGE);

/** Whether it is an instant at which something can have been measured. @example isInstant(Date.UTC(2026, 0, 5)) // true */
export const isInstant = (atMs: number): boolean => atMs >= INSTANTS_MS.min && atMs <= INSTANTS_MS.max;
/** A zone by its name in the IANA's list: an older device need not know each. @example "America/Argentina/Salta" */
export const TimeZoneSchema = z.string().regex(/^[A-Za-z][A-Za-z0-9_+/-]{1,63}$/, { message: "time zone" });

export const WALLS = ["front", "back", "left", "right"] as const;
export type Wall = (typeof WALLS)[number];

/** A place in the box, from the left and the front glass. */
export const planCm = z.number().min(0).max(LIMITS.boxCm.max);
