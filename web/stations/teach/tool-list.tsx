"use client";

import { freeStepId } from "@elm-basket/core/scheduling/reorder.ts";
import type { Step, Tool } from "@elm-basket/core/scheduling/step.ts";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { toolListWords } from "./words.ts";

export function ToolList({
  tools,
  steps,
  onChange,
}: {
  tools: readonly Tool[];
  steps: readonly Step[];
  onChange: (tools: Tool[], label: string) => void;
}) {
  const say = toolListWords();
  const set = (id: string, patch: Partial<Tool>, label: string) =>
    onChange(
      tools.map((tool) => (tool.id === id ? { ...tool, ...patch } : tool)),
      label,
    );
  const add = () =>
    onChange(
      [...tools, { id: freeStepId(tools, "tool"), name: say.newTool, count: 1, hot: false }],
      say.aTool,
    );
  return (
    <section className="no-print mt-6" aria-label={say.toolsInTheRoom}>
      <h2 className="mb-1 text-lg">{say.toolsInTheRoom}</h2>
      <ul className="border-rule border-t">
        {tools.map((tool) => {
          const needed = steps.filter((step) => step.tool === tool.id);
          return (
            <li
              key={tool.id}
              className="grid grid-cols-[1fr_88px] items-end gap-3 sm:grid-cols-[1fr_100px_auto_auto] border-rule border-b py-2"
            >
              <TextField
                label={say.tool}
                value={tool.name}
                maxLength={80}
                required={say.sayWhat}
                onChange={(name) => set(tool.id, { name }, say.nameOfATool)}
              />
              <NumberField
                label={say.howMany}
                value={tool.count}
                least={1}
                most={1000}
                onChange={(count) => set(tool.id, { count }, say.numberOf(tool.name))}
              />
              <label className="flex min-h-11 items-center gap-2 text-sm">
                <input
                  type="checkbox"
                  checked={tool.hot}
                  onChange={(event) =>
                    set(tool.id, { hot: event.target.checked }, say.isHot(tool.name))
                  }
                />{" "}
                {say.hot}
              </label>
              {needed.length === 0 ? (
                <button
                  type="button"
                  className="verb min-h-11"
                  aria-label={say.remove(tool.name)}
                  onClick={() =>
                    onChange(
                      tools.filter(({ id }) => id !== tool.id),
                      say.removed(tool.name),
                    )
                  }
                >
                  {say.remove2}
                </button>
              ) : (
                <span className="min-h-11 py-3 text-soft text-sm">
                  {needed.map(({ title }) => title).join(", ")}
                </span>
              )}
            </li>
          );
        })}
      </ul>
      {tools.length < 40 && (
        <button type="button" className="verb min-h-11" onClick={add}>
          {say.addATool}
        </button>
      )}
    </section>
  );
}
