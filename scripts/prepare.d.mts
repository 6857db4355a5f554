import type { ChildProcess } from "node:child_process";

export function freePort(): Promise<number>;
export function startServer(port: number): Promise<ChildProcess>;
