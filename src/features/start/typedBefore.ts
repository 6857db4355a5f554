import type { StartFields } from "./startSchema";

/** What a person typed into the form before the page could read it. */
export type Typed = { fields: Partial<StartFields>; animal: string | undefined };

const NAMES = [
  "count",
  "name",
  "size",
  "sill",
  "temperature",
  "humidity",
] as const satisfies readonly (keyof StartFields)[];

/**
 * Reads the fields of the form as they stand in the page that was sent: the form works before the program has woken, and
 * nothing typed into it is lost.
 */
export function typedBefore(): Typed {
  if (typeof document === "undefined") return { fields: {}, animal: undefined };
  const valueOf = (name: string): string =>
    document.querySelector<HTMLInputElement>(`form#work input[name="${name}"]`)?.value ?? "";
  const told = NAMES.map((name) => [name, valueOf(name)] as const).filter(([, value]) => value !== "");
  return { fields: Object.fromEntries(told), animal: valueOf("animal") || undefined };
}
