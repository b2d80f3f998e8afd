import Link from "next/link";
import type { LOG_GROUPS, LogSearch } from "@/data/log.ts";
import { Button, FileButton } from "@/ui/button.tsx";

const GROUP_WORDS: Readonly<Record<keyof typeof LOG_GROUPS, string>> = {
  weeding: "weeding",
  cutting: "cutting",
  packing: "packing and kits that came",
  class: "classes as they went",
  flaws: "flaws, losses, who was stuck",
  notes: "notes and answers",
};

/**
 * What is looked for in the log; as a plain form, so that the back button and a kept address hold
 * it.
 */
export function SearchForm({ search, query }: { search: LogSearch; query: string }) {
  return (
    <form
      action="/logbook"
      className="mb-4 flex flex-wrap items-end gap-3"
      aria-label="Look in the log"
    >
      <label className="block grow sm:max-w-sm">
        <span className="block text-soft text-sm">Look for a class, film, blank, seat or word</span>
        <input
          name="q"
          type="search"
          defaultValue={search.text}
          maxLength={80}
          className="min-h-11 w-full"
        />
      </label>
      <label className="block">
        <span className="block text-soft text-sm">Only</span>
        <select name="about" defaultValue={search.group ?? ""} className="min-h-11">
          <option value="">everything</option>
          {Object.entries(GROUP_WORDS).map(([group, words]) => (
            <option key={group} value={group}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <Button type="submit">Look</Button>
      {(search.text || search.group) && (
        <Link href="/logbook" className="verb inline-flex min-h-11 items-center">
          Show all
        </Link>
      )}
      <FileButton href={`/logbook/log.csv${query ? `?${query}` : ""}`} download>
        Save as CSV
      </FileButton>
    </form>
  );
}
