import { blocksOfSamples } from "@/core/log";
import { printed, type FileToSave } from "./habitatFile";
import { blocksIn } from "./log";
import { useSession } from "./session";

/**
 * The open habitat's file as it is on the screen: what could not be kept yet is in it, notes and ticks too.
 *
 * @returns undefined when none is open
 */
export async function fileOnScreen(): Promise<FileToSave | undefined> {
  const { history, events, unwritten } = useSession.getState();
  if (!history) return undefined;
  const kept = await blocksIn(history.present.id).catch(() => []);
  const samples = [...kept, ...blocksOfSamples(unwritten().samples)];
  return printed({ design: history.present, events, samples });
}
