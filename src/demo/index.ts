/** The demo shelf and bins, and what shows the application at work. */
import "@/core/library/whole";

export { demoBins } from "./bins";
export { demoTrials } from "./trials";
export { demoHabitats } from "./habitats";
