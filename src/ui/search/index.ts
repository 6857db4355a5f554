/** Finding entries by any of their names, wherever one is picked. */
export { AnimalField } from "./AnimalField";
export { EntryField } from "./EntryField";
export { Nearest } from "./Nearest";
export { useSearch } from "./useSearch";
