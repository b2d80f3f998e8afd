import type { Metadata } from "next";
import Link from "next/link";
import { redirect } from "next/navigation";
import { signInToDemo } from "@/account/actions.ts";
import { SignInForm, StartStudioForm } from "@/account/forms.tsx";
import { PasskeySignIn } from "@/account/passkeys.tsx";
import { currentMember } from "@/account/session.ts";
import { Basket } from "@/ui/basket.tsx";
import { Button } from "@/ui/button.tsx";
import { signInWords } from "../words.ts";

export const generateMetadata = (): Metadata => ({ title: signInWords().signIn });
export const dynamic = "force-dynamic";

const woven = () =>
  Array.from({ length: 20 }, (_, i) => ({
    seat: String(i + 1),
    label: signInWords().seat(i),
    done: [5, 4, 5, 3, 2, 5, 3, 4, 2, 1, 4, 5, 2, 3, 1, 3, 2, 4, 1, 0][i] ?? 0,
  }));

export default async function SignInPage() {
  const say = signInWords();
  if (await currentMember()) redirect("/");
  return (
    <main className="mx-auto grid max-w-5xl gap-x-16 gap-y-10 px-6 py-14 md:grid-cols-[1fr_360px]">
      <div>
        <p className="mb-6 font-bold font-head text-2xl text-elm-dark">{say.elmBasket}</p>
        <h1 className="mb-4 text-5xl">{say.fromAListOfNames}</h1>
        <p className="mb-8 max-w-lg text-lg">{say.measuringLetteringCutSheetsWeeding}</p>
        <div className="w-80">
          <Basket seats={woven()} columns={5} />
        </div>
      </div>
      <div className="grid content-start gap-8">
        {process.env.ELM_DEMO === "1" && (
          <form action={signInToDemo} className="border-rule border-b pb-8">
            <Button type="submit" tone="main" className="w-full">
              {say.openTheDemoStudio}
            </Button>
            <p className="mt-2 text-soft text-sm">{say.lanternLaneWorkroomMadeUp}</p>
          </form>
        )}
        <div>
          <SignInForm />
          <Link href="/sign-in/recover" className="verb mt-3 inline-block">
            {say.forgottenPassword}
          </Link>
          <PasskeySignIn />
        </div>
        <details>
          <summary className="verb">{say.startAStudio}</summary>
          <div className="mt-4">
            <StartStudioForm />
          </div>
        </details>
      </div>
    </main>
  );
}
