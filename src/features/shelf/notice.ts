/** Something just happened, said briefly, with a way back where there is one. */
export type Notice = { text: string; undo?: () => void };
