"use client";

import { showClock, showMinutes } from "@elm-basket/core/units/time.ts";
import { useState } from "react";
import type { FollowedClass, LiveState } from "@/live/live-class.ts";
import type { SeatView } from "@/live/seat-view.ts";
import { timeIn } from "@/ui/dates.ts";
import { FollowFelt } from "./follow-felt.tsx";
import { ThingPicture } from "./thing-picture.tsx";
import { useFollowWords } from "./use-follow-words.ts";
import type { Saying } from "./use-says.ts";

interface Props {
  readonly live: FollowedClass;
  readonly state: LiveState;
  readonly now: number;
  readonly zone: string;
  readonly view: SeatView | null;
  readonly label: string;
  readonly says: Saying;
  /** Whether the browser keeps the page for when there is no network. */
  readonly keeps: boolean;
}

const DAY = 86_400;

/**
 * Before the class: when it begins where one is, the own piece, and what has to be laid ready.
 * Afterwards: how it is cared for.
 */
export function FollowLobby({ live, state, now, zone, view, label, says, keeps }: Props) {
  const { lobby, locale } = useFollowWords();
  const toGo = (live.beginsAt - now) / 1000;
  const day = new Intl.DateTimeFormat(locale, {
    weekday: "long",
    day: "numeric",
    month: "long",
    timeZone: zone,
  })
    .format(new Date(live.beginsAt))
    .replace(locale.startsWith("en") ? "," : "", "");
  return (
    <>
      <h1 className="mb-2 text-4xl" suppressHydrationWarning>
        {state.running
          ? lobby.moment
          : state.ended
            ? lobby.was
            : toGo > 0 && toGo < DAY
              ? lobby.beginsIn(toGo < 3600 ? showClock(toGo) : showMinutes(Math.ceil(toGo / 60)))
              : lobby.notBegun}
      </h1>
      {state.ended ? (
        <p className="text-lg">{live.farewell}</p>
      ) : (
        <p className="text-lg" suppressHydrationWarning>
          {lobby.startsByItself(
            `${day}, ${timeIn(zone, new Date(live.beginsAt), live.clock)}`,
            live.atHome,
            keeps,
          )}
        </p>
      )}
      {view && (
        <section className="mt-5">
          <h2 className="mb-2 text-xl">{lobby.yours(label)}</h2>
          {view.things.map((thing) => (
            <figure key={thing.thing} className="mb-3">
              <ThingPicture thing={thing} name={label} maxHeight="40vh" />
              {view.things.length > 1 && (
                <figcaption className="text-soft">{thing.title}</figcaption>
              )}
            </figure>
          ))}
        </section>
      )}
      {state.ended && view && <FollowFelt says={says} />}
      {view && !state.ended && (
        <Ready
          ready={[...(view.films > 0 ? [lobby.kit(view.films)] : []), ...view.ready]}
          says={says}
          atHome={live.atHome}
        />
      )}
    </>
  );
}

/** What has to be at hand; whoever has it all, or lacks something, tells the host beforehand. */
function Ready({
  ready,
  says,
  atHome,
}: {
  ready: readonly string[];
  says: Saying;
  atHome: boolean;
}) {
  const { lobby, tell, refused } = useFollowWords();
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [lacks, setLacks] = useState<string | null>(null);
  const said = says.said[""];
  const toggle = (line: string) =>
    setTicked((before) =>
      before.has(line)
        ? new Set([...before].filter((one) => one !== line))
        : new Set([...before, line]),
    );
  return (
    <section className="mt-5">
      <h2 className="mb-1 text-xl">{lobby.ready(atHome)}</h2>
      <ul>
        {ready.map((line) => (
          <li key={line} className="border-rule border-b">
            <label className="flex min-h-11 items-center gap-3">
              <input
                type="checkbox"
                className="size-5"
                checked={ticked.has(line)}
                onChange={() => toggle(line)}
              />
              {line}
            </label>
          </li>
        ))}
      </ul>
      <p role="status" className="mt-3 text-elm-dark empty:hidden">
        {says.refused
          ? refused[says.refused]
          : said === "ready"
            ? lobby.knowsAll
            : said === "missing"
              ? lobby.knowsLack
              : ""}
      </p>
      {lacks !== null && (
        <form
          className="mt-2 grid gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            says.say("missing", "", lacks.trim() || "something");
            setLacks(null);
          }}
        >
          <label className="block text-soft">
            {lobby.missing}
            <input
              className="mt-1 block min-h-11 w-full text-ink"
              value={lacks}
              maxLength={200}
              onChange={(event) => setLacks(event.target.value)}
            />
          </label>
          <button
            type="submit"
            className="min-h-11 justify-self-start rounded-card bg-brick px-4 font-bold text-white"
          >
            {tell}
          </button>
        </form>
      )}
      <div className="mt-3 grid grid-cols-2 gap-3">
        <button
          type="button"
          className="min-h-14 rounded-card border border-elm font-bold text-elm-dark"
          onClick={() =>
            setLacks(
              lacks === null
                ? ready
                    .filter((line) => !ticked.has(line))
                    .slice(0, 1)
                    .join("")
                : null,
            )
          }
        >
          {lobby.somethingMissing}
        </button>
        <button
          type="button"
          className="min-h-14 rounded-card bg-elm font-bold text-white"
          onClick={() => {
            setTicked(new Set(ready));
            says.say("ready", "");
          }}
        >
          {lobby.allHere}
        </button>
      </div>
    </section>
  );
}
