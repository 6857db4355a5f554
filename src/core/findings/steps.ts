/** The steps of the work, in order: also the places a finding belongs to. */
export const STEPS = ["brief", "shell", "strata", "mix", "planting", "crew", "climate", "build", "keeping"] as const;
export type Step = (typeof STEPS)[number];

/** Whether a name is that of a step. @example isStep("soil") // false */
export const isStep = (name: string): name is Step => (STEPS as readonly string[]).includes(name);
