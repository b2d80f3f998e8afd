"use client";

import { testCutPage } from "@elm-basket/core/cutting/test-cut.ts";
import { useState, useTransition } from "react";
import { Button, FileButton } from "@/ui/button.tsx";
import { Dialog } from "@/ui/dialog.tsx";
import { changeBlade, cutTestSquares, keepSetting } from "./actions.ts";
import { TEST_FORCES, TEST_SHARES } from "./test-grid.ts";
import { testCutWords } from "./words.ts";

export interface TestCutInput {
  readonly vinylId: string;
  readonly film: string;
  readonly cutSpeed: number;
  readonly kept: { readonly force: number; readonly speed: number } | null;
}

/**
 * A small grid of force and speed; the square whose waste lifts clean is the setting that is kept.
 */
export function TestCut({
  classId,
  vinylId,
  film,
  cutSpeed,
  kept,
}: TestCutInput & { classId: string }) {
  const say = testCutWords();
  const [open, setOpen] = useState(false);
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const { squares } = testCutPage(TEST_FORCES, TEST_SHARES, cutSpeed);
  return (
    <p className="flex flex-wrap gap-x-4 py-2">
      <button type="button" className="verb" onClick={() => setOpen(true)}>
        {kept ? say.testCutAgain : say.testCutFirst}
      </button>
      <button
        type="button"
        className="verb"
        disabled={busy}
        onClick={() => start(() => changeBlade(classId))}
      >
        {say.aNewBlade}
      </button>
      <Dialog open={open} onOpenChange={setOpen} title={say.testCut(film)}>
        <p>{say.layAScrap}</p>
        <div className="my-4 flex flex-wrap gap-3">
          <Button
            tone="main"
            disabled={busy}
            onClick={() =>
              start(async () => {
                const answer = await cutTestSquares(classId, vinylId);
                setSaid(answer.ok ? say.theSquaresAreBeingCut : answer.message);
              })
            }
          >
            {say.cutTheSquares}
          </Button>
          <FileButton href={`/classes/${classId}/files/test-cut.hpgl`} download>
            {say.asAFileHpgl}
          </FileButton>
        </div>
        <p role="status" className="min-h-6 text-soft">
          {said}
        </p>
        <table className="w-full text-center">
          <caption className="pb-2 text-left text-soft text-sm">
            {say.forceAcrossInGramsSpeed}
          </caption>
          <thead>
            <tr>
              <td />
              {TEST_FORCES.map((force) => (
                <th key={force} className="font-normal text-soft">
                  {force}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {TEST_SHARES.map((share) => (
              <tr key={share}>
                <th className="pr-2 text-right font-normal text-soft">
                  {Math.round(cutSpeed * share)}
                </th>
                {squares
                  .filter(({ speed }) => speed === Math.round(cutSpeed * share))
                  .map(({ id, force, speed }) => {
                    const chosen = kept?.force === force && kept.speed === speed;
                    return (
                      <td key={id} className="p-1">
                        <button
                          type="button"
                          disabled={busy}
                          aria-label={say.forceGAtMmS(force, speed)}
                          aria-pressed={chosen}
                          className={`min-h-12 w-full border-[1.5px] border-elm ${chosen ? "bg-elm text-white" : "bg-white"}`}
                          onClick={() =>
                            start(async () => {
                              if (await keepSetting(classId, vinylId, force, speed)) setOpen(false);
                              else setSaid(say.thisSettingCould);
                            })
                          }
                        >
                          {say.kept(chosen)}
                        </button>
                      </td>
                    );
                  })}
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-4 text-soft text-sm">{say.cautionTheBladeIsSharp}</p>
      </Dialog>
    </p>
  );
}
