/** Home: the shelf of habitats and what is due today. */
export { Shelf } from "./Shelf";
