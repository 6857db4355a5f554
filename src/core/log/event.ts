import * as z from "zod";
import { DateSchema, IdSchema, InstantSchema } from "../habitat";

export const CatalogIdSchema = z.string().regex(/^[a-z][A-Za-z0-9]{0,63}$/, { message: "id" });

/** Every event: its id, when it was written down, and the calendar day it speaks of. */
export const event = <K extends string, S extends z.ZodRawShape>(kind: K, more: S) =>
  z.strictObject({ id: IdSchema, at: InstantSchema, on: DateSchema, kind: z.literal(kind), ...more });
