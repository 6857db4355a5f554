/** The way to the demo shelf. */
export { DemoShelf } from "./DemoShelf";
