"use client";

import { useLiveQuery } from "dexie-react-hooks";
import type { Habitat } from "@/core/habitat";
import { listHabitats } from "./habitats";

const NONE: readonly Habitat[] = [];

/** The habitats on this device that open, as they are now; none while they are being read. */
export const useHabitats = (): readonly Habitat[] =>
  useLiveQuery(async () => (await listHabitats()).flatMap((kept) => (kept.ok ? [kept.habitat] : []))) ?? NONE;
