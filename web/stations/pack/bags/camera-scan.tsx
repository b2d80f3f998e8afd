"use client";

import { useEffect, useRef, useState } from "react";
import { Button } from "@/ui/button.tsx";
import { DialogShell, DialogTitle } from "@/ui/dialog-shell.tsx";
import { cameraScanWords } from "../words.ts";

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
  const say = cameraScanWords();
  const video = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState("");
  useEffect(() => {
    const Reader = (globalThis as { BarcodeDetector?: CodeReaderMaker }).BarcodeDetector;
    if (!Reader || !navigator.mediaDevices?.getUserMedia) {
      setTrouble(say.thisBrowserDoesNotRead);
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
      .catch(() => setTrouble(say.theCameraMay));
    return () => {
      stopped = true;
      for (const track of stream?.getTracks() ?? []) track.stop();
    };
  }, [onRead, say.thisBrowserDoesNotRead, say.theCameraMay]);
  return (
    <DialogShell
      open
      onOpenChange={(open) => open || onClose()}
      veil="bg-ink/40"
      className="top-1/2 left-1/2 grid w-[min(32rem,94vw)] -translate-x-1/2 -translate-y-1/2 gap-3 border border-rule-strong bg-paper p-5"
    >
      <DialogTitle className="text-xl">{say.scanALabel}</DialogTitle>
      {trouble ? (
        <p>{trouble}</p>
      ) : (
        <>
          <p>{say.holdTheSquareCode}</p>
          <video ref={video} className="aspect-video w-full bg-ink" playsInline muted />
        </>
      )}
      {said && (
        <p role="alert" className="text-ochre">
          {said}
        </p>
      )}
      <Button onClick={onClose}>{say.close}</Button>
    </DialogShell>
  );
}
