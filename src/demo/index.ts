/** The demo shelf and bins, and what shows the application at work. */
export { demoBins } from "./bins";
export { demoHabitats } from "./habitats";
