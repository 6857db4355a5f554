/** Heavy work away from the page: one typed client for each worker. */
export { solveModel } from "./solver";
