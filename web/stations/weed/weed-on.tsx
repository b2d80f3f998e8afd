"use client";

import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { workSo } from "@/stations/frame/proposal-actions.ts";
import { useProposalAct } from "@/stations/frame/proposal-note.tsx";
import { schoolWords } from "@/ui/craft/schools.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { weedOnWords } from "./words.ts";

/** Both schools have their reasons; of this class alone. */
export function WeedOn({ classId, way }: { classId: string; way: Schools["weedOn"] }) {
  const { busy, said, act } = useProposalAct();
  const { question, ways } = schoolWords().STUDIO_SCHOOL_WORDS.weedOn;
  return (
    <div aria-busy={busy}>
      <SelectField
        label={weedOnWords().whereYouWeed}
        hint={ways[way].why}
        value={way}
        words={[
          ["mat", ways.mat.name],
          ["off", ways.off.name],
        ]}
        onChange={(next) =>
          act(() => workSo(classId, { school: { name: "weedOn", way: next } }, question))
        }
      />
      {said && (
        <p role="alert" className="text-brick">
          {said}
        </p>
      )}
    </div>
  );
}
