import Link from "next/link";

interface Props {
  readonly things: readonly { readonly id: string; readonly title: string }[];
  readonly here: string;
  /** The station's own address; the thing is a word in it. */
  readonly path: string;
}

/** Which thing is worked on; a class of one thing has nothing to choose. */
export function ThingTabs({ things, here, path }: Props) {
  if (things.length < 2) return null;
  return (
    <nav aria-label="Things" className="mb-4 flex flex-wrap gap-x-6 gap-y-1 border-rule border-b">
      {things.map(({ id, title }) => (
        <Link
          key={id}
          href={`${path}?thing=${id}`}
          aria-current={id === here ? "page" : undefined}
          className={`min-h-11 border-b-[3px] py-2 ${id === here ? "border-elm font-bold text-ink" : "border-transparent text-soft hover:text-ink"}`}
        >
          {title}
        </Link>
      ))}
    </nav>
  );
}
