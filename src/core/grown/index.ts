/** How large animals and plants get, and what their leaves let through. */
export { grownHeightCm, grownSpreadCm, longestCm, shortestCm } from "./size";
export { leavesOf } from "./leaves";
