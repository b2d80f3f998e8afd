/** Writes the picture that docs/weeding.md shows, from the rules themselves. */
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { peelPicture } from "../core/src/testing/peel-pictures.ts";

writeFileSync(fileURLToPath(new URL("../docs/pictures/peels.svg", import.meta.url)), peelPicture());
