import type { Deflate } from "@/core/files/backup";

/** DEFLATE as the browser has it. */
export const deflate: Deflate = (give) => {
  const stream = new CompressionStream("deflate-raw");
  const [writer, reader] = [stream.writable.getWriter(), stream.readable.getReader()];
  const given = (async () => {
    for (let read = await reader.read(); !read.done; read = await reader.read()) give(read.value);
  })();
  return {
    write: (piece) => writer.write(piece),
    end: async () => {
      await writer.close();
      await given;
    },
  };
};
