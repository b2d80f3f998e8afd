import type { Metadata } from "next";
import Link from "next/link";
import { RecoverForm } from "@/account/account-forms.tsx";

export const metadata: Metadata = { title: "Forgotten password" };
export const dynamic = "force-dynamic";

export default function RecoverPage() {
  return (
    <main className="mx-auto max-w-md px-6 py-14">
      <p className="mb-6 font-bold font-head text-2xl text-elm-dark">Elm Basket</p>
      <h1 className="mb-3 text-4xl">Forgotten password</h1>
      <p className="mb-6">
        A recovery code lets you in once. You made them under <i>Your account</i>. Without one, ask
        whoever runs this server: they can make one for you. Devices that were signed in, and their
        passkeys, stop.
      </p>
      <RecoverForm />
      <p className="mt-6">
        <Link href="/sign-in" className="verb">
          Back to signing in
        </Link>
      </p>
    </main>
  );
}
