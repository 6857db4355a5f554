/** Where things in the box find room: what lies within what, and the nearest free place. */
export { throughShare } from "./through";
export { within } from "./within";
export { freePlace } from "./freePlace";
