import QRCode from "qrcode";

/** A QR code as ink on card; drawn on the server. */
export function QrPicture({ text, label }: { text: string; label: string }) {
  const { size, data } = QRCode.create(text, { errorCorrectionLevel: "M" }).modules;
  const dark = Array.from(data, (module, i) =>
    module ? `M${i % size} ${Math.floor(i / size)}h1v1h-1z` : "",
  ).join("");
  return (
    <svg
      className="mb-3 w-40 text-ink"
      viewBox={`0 0 ${size} ${size}`}
      shapeRendering="crispEdges"
      role="img"
      aria-label={label}
    >
      <path d={dark} fill="currentColor" />
    </svg>
  );
}
