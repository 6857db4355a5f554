/** The demo shelf, and what shows the application at work. */
export { demoHabitats } from "./habitats";
