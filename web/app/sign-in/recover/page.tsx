import type { Metadata } from "next";
import Link from "next/link";
import { RecoverForm } from "@/account/account-forms.tsx";
import { signInRecoverWords } from "@/app/words.ts";

export const generateMetadata = (): Metadata => ({
  title: signInRecoverWords().forgottenPassword,
});
export const dynamic = "force-dynamic";

export default function RecoverPage() {
  const say = signInRecoverWords();
  return (
    <main className="mx-auto max-w-md px-6 py-14">
      <p className="mb-6 font-bold font-head text-2xl text-elm-dark">{say.elmBasket}</p>
      <h1 className="mb-3 text-4xl">{say.forgottenPassword}</h1>
      <p className="mb-6">
        {say.aRecoveryCodeLets} <i>{say.yourAccount}</i>
        {say.withoutOneAskWhoeverRuns}
      </p>
      <RecoverForm />
      <p className="mt-6">
        <Link href="/sign-in" className="verb">
          {say.backToSigning}
        </Link>
      </p>
    </main>
  );
}
