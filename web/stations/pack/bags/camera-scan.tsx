"use client";

import { useEffect, useRef, useState } from "react";
import { Button } from "@/ui/button.tsx";
import { DialogShell, DialogTitle } from "@/ui/dialog-shell.tsx";

/** Of browsers that read codes; the type is not in the library of the compiler. */
interface CodeReader {
  detect(source: HTMLVideoElement): Promise<readonly { readonly rawValue: string }[]>;
}
type CodeReaderMaker = new (options: { formats: string[] }) => CodeReader;

const LOOK_MS = 200;

/** The camera looks for a kit label; where it cannot, the label's words are typed. */
export function CameraScan({
  onRead,
  onClose,
  said,
}: {
  onRead: (code: string) => void;
  onClose: () => void;
  said: string;
}) {
  const video = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState("");
  useEffect(() => {
    const Reader = (globalThis as { BarcodeDetector?: CodeReaderMaker }).BarcodeDetector;
    if (!Reader || !navigator.mediaDevices?.getUserMedia) {
      setTrouble(
        "This browser does not read codes by camera. A scanner that types works here, and so does the name in the list.",
      );
      return;
    }
    let stream: MediaStream | null = null;
    let stopped = false;
    const reader = new Reader({ formats: ["qr_code"] });
    const look = async () => {
      if (stopped || !video.current) return;
      const codes = await reader.detect(video.current).catch(() => []);
      const [code] = codes;
      if (code) onRead(code.rawValue);
      if (!stopped) setTimeout(() => void look(), LOOK_MS);
    };
    navigator.mediaDevices
      .getUserMedia({ video: { facingMode: "environment" } })
      .then(async (own) => {
        stream = own;
        if (stopped || !video.current) return own.getTracks().forEach((track) => void track.stop());
        video.current.srcObject = own;
        await video.current.play();
        void look();
      })
      .catch(() =>
        setTrouble(
          "The camera may not be used here. Allow it in the browser, or use a scanner that types.",
        ),
      );
    return () => {
      stopped = true;
      for (const track of stream?.getTracks() ?? []) track.stop();
    };
  }, [onRead]);
  return (
    <DialogShell
      open
      onOpenChange={(open) => open || onClose()}
      veil="bg-ink/40"
      className="top-1/2 left-1/2 grid w-[min(32rem,94vw)] -translate-x-1/2 -translate-y-1/2 gap-3 border border-rule-strong bg-paper p-5"
    >
      <DialogTitle className="text-xl">Scan a label</DialogTitle>
      {trouble ? (
        <p>{trouble}</p>
      ) : (
        <>
          <p>Hold the square code of a kit's label before the camera.</p>
          <video ref={video} className="aspect-video w-full bg-ink" playsInline muted />
        </>
      )}
      {said && (
        <p role="alert" className="text-ochre">
          {said}
        </p>
      )}
      <Button onClick={onClose}>Close</Button>
    </DialogShell>
  );
}
