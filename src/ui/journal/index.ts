/** Writing into a habitat's journal: words and photographs. */
export { NoteForm } from "./NoteForm";
