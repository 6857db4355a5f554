"use client";

import * as z from "zod";
import type { Bench } from "@/core/mix";
import { localSetting } from "./localSetting";

const BenchSchema = z.strictObject({
  vesselL: z.number().min(0.5).max(500),
  scoopL: z.number().min(0.01).max(20),
  liftKg: z.number().min(1).max(60),
});
/** A usual builder's bucket, a half-litre scoop, and the guideline for one person's lift. */
const USUAL: Bench = { vesselL: 12, scoopL: 0.5, liftKg: 25 };

/** What is kept may be of an older or a foreign hand: then the usual bench stands. */
export function readBench(text: string | null): Bench {
  try {
    const bench = BenchSchema.safeParse(JSON.parse(text ?? "null"));
    return bench.success ? bench.data : USUAL;
  } catch {
    return USUAL;
  }
}

/** The vessel, the scoop and the lifting limit at hand on this device. */
export const { use: useMixBench, choose: chooseMixBench } = localSetting<Bench>("rincon.mixBench", readBench, (bench) =>
  JSON.stringify(BenchSchema.parse(bench)),
);
