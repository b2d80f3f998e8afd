import { LinkButton } from "@/ui/button.tsx";
import { notFoundWords } from "./words.ts";

export default function NotFound() {
  const say = notFoundWords();
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="mb-3 text-4xl">{say.thereIsNothing}</h1>
      <p className="mb-6">{say.theClassMayHaveBeen}</p>
      <LinkButton href="/" tone="main">
        {say.goToTonight}
      </LinkButton>
    </main>
  );
}
