import Link from "next/link";
import type { LOG_GROUPS, LogSearch } from "@/data/log.ts";
import { Button, FileButton } from "@/ui/button.tsx";
import { searchFormWords } from "./words.ts";

const groupWords = (): Readonly<Record<keyof typeof LOG_GROUPS, string>> => ({
  weeding: searchFormWords().weeding,
  cutting: searchFormWords().cutting,
  packing: searchFormWords().packingAndKitsThatCame,
  class: searchFormWords().classesAsTheyWent,
  flaws: searchFormWords().flawsLossesWhoWasStuck,
  notes: searchFormWords().notesAndAnswers,
});

/**
 * What is looked for in the log; as a plain form, so that the back button and a kept address hold
 * it.
 */
export function SearchForm({ search, query }: { search: LogSearch; query: string }) {
  const say = searchFormWords();
  return (
    <form
      action="/logbook"
      className="mb-4 flex flex-wrap items-end gap-3"
      aria-label={say.lookInTheLog}
    >
      <label className="block grow sm:max-w-sm">
        <span className="block text-soft text-sm">{say.lookForAClassFilm}</span>
        <input
          name="q"
          type="search"
          defaultValue={search.text}
          maxLength={80}
          className="min-h-11 w-full"
        />
      </label>
      <label className="block">
        <span className="block text-soft text-sm">{say.only}</span>
        <select name="about" defaultValue={search.group ?? ""} className="min-h-11">
          <option value="">{say.everything}</option>
          {Object.entries(groupWords()).map(([group, words]) => (
            <option key={group} value={group}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <Button type="submit">{say.look}</Button>
      {(search.text || search.group) && (
        <Link href="/logbook" className="verb inline-flex min-h-11 items-center">
          {say.showAll}
        </Link>
      )}
      <FileButton href={`/logbook/log.csv${query ? `?${query}` : ""}`} download>
        {say.saveAsCsv}
      </FileButton>
    </form>
  );
}
