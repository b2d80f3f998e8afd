/** What writes a schema down, alone: asking for the whole library brings all its languages. */
export { toJSONSchema } from "zod";
