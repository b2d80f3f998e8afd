import { Field } from "@/ui/field.tsx";
import type { AccountAnswer } from "./again.ts";
import { personFieldsWords } from "./words.ts";

/** Name and address of whoever opens an account; what was typed stays where it was refused. */
export function PersonFields({
  answer,
}: {
  answer: Pick<AccountAnswer, "fields" | "typed"> | null;
}) {
  const say = personFieldsWords();
  return (
    <>
      <Field label={say.yourName} error={answer?.fields?.person}>
        {(props) => (
          <input
            {...props}
            name="person"
            required
            maxLength={120}
            autoComplete="name"
            defaultValue={answer?.typed?.person}
          />
        )}
      </Field>
      <Field label={say.eMailAddress} error={answer?.fields?.email}>
        {(props) => (
          <input
            {...props}
            name="email"
            type="email"
            required
            autoComplete="username"
            defaultValue={answer?.typed?.email}
          />
        )}
      </Field>
    </>
  );
}
