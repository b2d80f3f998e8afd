import { LinkButton } from "@/ui/button.tsx";

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="mb-3 text-4xl">There is nothing at this address</h1>
      <p className="mb-6">
        The class may have been taken away, or the link was copied incompletely.
      </p>
      <LinkButton href="/" tone="main">
        Go to Tonight
      </LinkButton>
    </main>
  );
}
