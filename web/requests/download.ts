/** An answer that is saved as a file. */
export function download(
  body: string | Uint8Array | ReadableStream<Uint8Array>,
  type: string,
  name: string,
): Response {
  return new Response(body instanceof Uint8Array ? new Uint8Array(body) : body, {
    headers: {
      "content-type": type,
      "content-disposition": `attachment; filename="${name}"`,
      "cache-control": "no-store",
    },
  });
}
