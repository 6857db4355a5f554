/** Light over plants: what lamps give, what comes through the top, what plants want. */
export { LED_SOURCE, PPFD_WANTED, ppfdAt, ppfdFromLumens } from "./light";
