import { create } from "zustand";

/** How deep a layer would be: asked, and not laid yet. */
type Ghost = { layerId: string; frontCm: number; backCm: number };

type Ghosts = { ghost: Ghost | undefined; show: (ghost: Ghost | undefined) => void };

/** What the section shows as a line beside what is laid. */
export const useGhost = create<Ghosts>((set) => ({ ghost: undefined, show: (ghost) => set({ ghost }) }));
