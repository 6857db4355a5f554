/** What is on the builder's own shelves, and what the shops have. */
export { Bins } from "./Bins";
