import type { Finding } from "../../findings/finding.ts";
import { slotsOf } from "../../lettering/recipe-reads.ts";
import { tidyName } from "../../roster/tidy.ts";
import { leaveIt, type Rule } from "../rule.ts";

/**
 * Names that look like a slip of the keyboard: spaces too many, all small or all capitals. Offered,
 * never done silently.
 */
export const nameRules: Rule = ({ document }) =>
  slotsOf(document.design).flatMap((slot): Finding[] => {
    const item = document.design.items.find((i) => i.kind === "text" && i.slot === slot);
    // A case rule of the line makes the case of the roster meaningless; and only names of people
    // have capitals that can be wrong.
    const spacesOnly = slot !== "name" || (item?.kind === "text" && item.letterCase !== "asTyped");
    const untidy = document.seats.filter(
      ({ fields }) => tidyName(fields[slot] ?? "", spacesOnly) !== (fields[slot] ?? ""),
    );
    const first = untidy[0];
    if (!first) return [];
    const where = { seat: first.seat, field: slot };
    const text = first.fields[slot] ?? "";
    return [
      {
        code: "untidyNames",
        severity: "tip",
        where,
        values: { text, tidy: tidyName(text, spacesOnly), count: untidy.length },
        remedies: [
          { code: "tidyNames", values: { slot, spacesOnly: spacesOnly ? 1 : 0 } },
          leaveIt({ code: "untidyNames", where }),
        ],
      },
    ];
  });
