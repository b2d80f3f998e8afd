/** What a film is called in documents and files. */
import * as z from "zod";

export const vinylId = z
  .string()
  .regex(/^[a-z][a-z0-9]{0,30}$/u, "lower-case letters and digits, such as harbour");
