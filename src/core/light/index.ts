/** Light over plants: what lamps give, what comes through the top, what plants want. */
export { PPFD_WANTED, ppfdAt, ppfdFromLumens } from "./light";
