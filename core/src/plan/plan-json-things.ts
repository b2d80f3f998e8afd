/** What the plan as JSON says of each thing. */
import type { ClassDocument } from "../document/document.ts";
import { thingDocument, thingOf } from "../document/thing-document.ts";
import { letterHeight } from "../stages/set-sizes.ts";
import type { Plan } from "../stages/stages.ts";
import type { PlanJson } from "./plan-json.ts";
import { round } from "./plan-json-kits.ts";

export function thingJson(
  document: ClassDocument,
  { id, face, lettered, most }: Plan["things"][number],
): PlanJson["things"][number] {
  const { title, technique } = thingOf(document, id);
  const letters = letterHeight({ lettered }, thingDocument(document, id));
  return {
    id,
    title,
    technique,
    seats: thingDocument(document, id).seats.length,
    face: {
      width: round(face.width),
      height: round(face.height),
      margin: round(face.marginMm),
      marginRule: face.marginRule,
    },
    sizing: {
      school: lettered.school,
      bindingSeat: lettered.sizing.binding?.seat ?? null,
      bindingBy: lettered.sizing.binding?.by ?? null,
    },
    letterMm: letters === null ? null : round(letters, 2),
    most: most === null ? null : round(most, 6),
  };
}
