"use client";

import type { PreflightLine } from "@elm-basket/core/cutting/preflight.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useRouter } from "next/navigation";
import { type ReactNode, useEffect, useRef, useState, useTransition } from "react";
import type { SheetRow } from "@/data/making.ts";
import { isTyping } from "@/stations/frame/rail.tsx";
import { Button } from "@/ui/button.tsx";
import { showSize } from "@/ui/figures.ts";
import { ProgressBar } from "@/ui/progress-bar.tsx";
import { loadCutter, markLoad, type StartAnswer, startCutting, steerCutting } from "./actions.ts";
import { HandPanel } from "./hand-panel.tsx";
import type { HandRules } from "./hand-sheet.ts";
import { Preflight } from "./preflight.tsx";
import { sayFault } from "./preflight-words.ts";
import { SheetDrawing } from "./sheet-drawing.tsx";
import { TestCut, type TestCutInput } from "./test-cut.tsx";
import { useByHand } from "./use-by-hand.ts";
import { useCutting } from "./use-cutting.ts";
import { useLoadDrawing } from "./use-load-drawing.ts";
import { cutBenchWords } from "./words.ts";

export interface CutBenchInput {
  readonly classId: string;
  readonly sheet: SheetRow;
  readonly film: string;
  readonly colour: string;
  readonly unit: LengthUnit;
  readonly bin: { readonly width: number; readonly height: number };
  /** Pieces through by all attempts so far, and those that are only scored or were missed. */
  readonly through: readonly string[];
  readonly flawed: readonly string[];
  /** What stopped the last attempt. */
  readonly lastFault: string | null;
  /** Labels of what the load left for the scrap box. */
  readonly left: readonly string[];
  readonly lines: readonly PreflightLine[];
  readonly test: TestCutInput;
  /** Null where kits keep to straight cuts or to their order. */
  readonly hand: { readonly rules: HandRules; readonly count: number } | null;
}

const NO_RULES: HandRules = { counters: false, reach: { width: 0, height: 0 } };

/** The load on the mat and the acts at the cutter: look, send, watch, pause, go on. */
export function CutBench({
  children,
  files,
  ...input
}: CutBenchInput & { readonly children: ReactNode; readonly files: ReactNode }) {
  const say = cutBenchWords();
  const { classId, through, flawed, lines } = input;
  const { sheet, drawn, stale } = useLoadDrawing(classId, input.sheet);
  const router = useRouter();
  const { job, silent, offline, film, look, begun: sent } = useCutting(classId);
  const [busy, start] = useTransition();
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [reasons, setReasons] = useState<Readonly<Record<string, string>>>({});
  const [said, setSaid] = useState("");
  // Another layout is another load to look at.
  const looked = useRef(sheet.hash);
  useEffect(() => {
    if (looked.current === sheet.hash) return;
    looked.current = sheet.hash;
    setTicked([]);
    setReasons({});
  }, [sheet.hash]);
  const here = job?.mine && job.nn === sheet.nn ? job : null;
  const working = here !== null && here.state !== "finished" && here.state !== "stopped";
  const cutNow = new Set([...through, ...(here?.cut ?? [])]);
  const pieces = sheet.meta.kits.flatMap((kit) => kit.pieces);
  const done = pieces.filter(({ id }) => cutNow.has(id)).length;
  const begun = !sheet.cutAt && done > 0 && !working;
  const byHand = useByHand(
    classId,
    sheet.nn,
    sheet.hash,
    sheet.meta,
    input.hand?.rules ?? NO_RULES,
  );
  const mayMove = input.hand !== null && drawn && !sheet.cutAt && !working && done === 0;
  const tell = (answer: StartAnswer) => setSaid(answer.ok ? "" : answer.message);
  const send = () =>
    start(async () => {
      const answer = await startCutting(classId, sheet.nn, { ticked, reasons });
      tell(answer);
      if (answer.ok) sent();
      else look();
    });
  const to = (what: "pause" | "resume" | "cancel" | "unload") =>
    start(async () => {
      if (!(await steerCutting(classId, what))) setSaid(say.theCutterDoesNotAnswer);
      look();
    });
  const load = () =>
    start(async () => {
      tell(await loadCutter(classId, sheet.nn));
      look();
    });
  const size = {
    width: sheet.meta.mat?.width ?? sheet.meta.width,
    height: sheet.meta.mat?.height ?? sheet.meta.height,
  };
  const mark = (cut: boolean) =>
    start(async () => {
      setSaid(say.thisLoadIsNoLonger(await markLoad(classId, sheet.nn, cut)));
      router.refresh();
    });
  const main = () => {
    if (busy || (stale && !working)) return;
    if (!working) send();
    else to(here.state === "cutting" ? "pause" : "resume");
  };
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (
        event.key !== " " ||
        isTyping(event) ||
        (event.target as HTMLElement).closest("button, a, summary")
      )
        return;
      event.preventDefault();
      main();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
  return (
    <>
      <section>
        <SheetDrawing
          {...input}
          sheet={sheet}
          drawn={drawn}
          cut={sheet.cutAt ? null : cutNow}
          current={working ? here.cut[here.cut.length - 1] : undefined}
          flawed={new Set(flawed)}
          straight={input.hand === null}
          hand={mayMove ? byHand : null}
        />
        {mayMove && (
          <HandPanel
            classId={classId}
            vinyl={sheet.vinyl}
            meta={sheet.meta}
            unit={input.unit}
            hand={byHand}
            byHand={input.hand?.count ?? 0}
          />
        )}
        {children}
      </section>
      <section className="lg:border-rule lg:border-l lg:pl-5" aria-label={say.atTheCutter}>
        <p className="mb-2 font-bold font-head text-xl" role="status">
          {headline({ sheet, working, here, done, total: pieces.length, silent, offline })}
        </p>
        {working && (
          <ProgressBar
            max={Math.max(1, here.ofSeconds)}
            value={here.seconds}
            label={say.cutSoFar}
          />
        )}
        {(here?.fault ?? (begun || flawed.length > 0 ? input.lastFault : null)) && (
          <p className="py-2 text-brick">◆ {sayFault(here?.fault ?? input.lastFault ?? "")}</p>
        )}
        {flawed.length > 0 && !working && (
          <p className="py-2 text-brick">{say.notThroughLeaveTheFilm(flawed.length)}</p>
        )}
        {!working && !sheet.cutAt && (
          <Preflight
            lines={lines}
            unit={input.unit}
            ticked={ticked}
            reasons={reasons}
            onTick={setTicked}
            onReason={setReasons}
          />
        )}
        {!working && !sheet.cutAt && <TestCut {...input.test} classId={classId} />}
        {!working && film?.waiting && (
          <p className="pt-2 text-soft">{say.inTheCutterFilm(showSize(film, input.unit))}</p>
        )}
        <p className="min-h-6 py-2 text-soft" role="alert">
          {said}
        </p>
        {input.left.length > 0 && (
          <p className="pb-3" role="status">
            {say.leftOverWrite} <b>{input.left.join(", ")}</b> {say.onTheRestAndPut}{" "}
            <a
              className="verb"
              href={`/shelf/scrap-labels.pdf?only=${input.left.map(encodeURIComponent).join(",")}`}
              download
            >
              {say.printItsLabel}
            </a>
          </p>
        )}
        <div className="grid gap-2">
          {!sheet.cutAt && (
            <Button tone="main" disabled={busy || (stale && !working)} onClick={main}>
              {working
                ? here.state === "cutting" || here.state === "sending"
                  ? say.pause
                  : say.goOnCutting
                : say.cutTheRestSend(begun, flawed.length, pieces.length, done)}
            </Button>
          )}
          {working && (
            <Button tone="stop" disabled={busy} onClick={() => to("cancel")}>
              {say.stopThisLoad}
            </Button>
          )}
          {!working && !film && !silent && !sheet.cutAt && (
            <Button disabled={busy || stale} onClick={load}>
              {say.loadTheFilm(showSize(size, input.unit))}
            </Button>
          )}
          {!working && film && (
            <Button disabled={busy} onClick={() => to("unload")}>
              {say.takeTheFilmOut}
            </Button>
          )}
          {!working && (
            <Button disabled={busy || stale} onClick={() => mark(!sheet.cutAt)}>
              {sheet.cutAt ? say.notCutAfterAll : say.loadIsCut(sheet.nn)}
            </Button>
          )}
        </div>
        {files}
      </section>
    </>
  );
}

interface Headline {
  readonly sheet: SheetRow;
  readonly working: boolean;
  readonly here: ReturnType<typeof useCutting>["job"];
  readonly done: number;
  readonly total: number;
  readonly silent: boolean;
  readonly offline: boolean;
}

/** Answers the station's question first: how far is this load? */
function headline({ sheet, working, here, done, total, silent, offline }: Headline): string {
  const say = cutBenchWords();
  if (offline) return say.noNetworkTheCutterGoes;
  if (silent) return say.theCutterDoesNotAnswer2;
  if (working && here) {
    const left = Math.max(0, here.ofSeconds - here.seconds);
    const clock = `${Math.floor(left / 60)}:${String(Math.floor(left % 60)).padStart(2, "0")}`;
    return here.state === "cutting" || here.state === "sending"
      ? say.cuttingOfToGo(done, total, clock)
      : say.atOf(here.state, done, total);
  }
  if (sheet.cutAt) return say.thisLoadIsCut;
  return say.ofCutBeforeYouPress(done, total);
}
