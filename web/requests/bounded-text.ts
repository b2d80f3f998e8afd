/**
 * The body of a request as text; null when it is longer than it may be, without reading the rest.
 */
export async function boundedText(request: Request, mostBytes: number): Promise<string | null> {
  if (!request.body) return "";
  const chunks: Uint8Array[] = [];
  let length = 0;
  const reader = request.body.getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return new TextDecoder().decode(Buffer.concat(chunks));
    length += value.byteLength;
    if (length > mostBytes) {
      await reader.cancel();
      return null;
    }
    chunks.push(value);
  }
}
