"use client";

import { useEffect, useRef } from "react";

/** What is gone again by then, as a note that a page is fetched, need not be said. */
const STAYS_MS = 500;
/** Long enough to be read, and then away, so that nobody comes upon it out of its place. */
const SAID_MS = 4000;
const REGION = "[role=status], [aria-live=polite]";

/** What it says, without what could be pressed in it. */
function wordsOf(region: Element): string {
  const copy = region.cloneNode(true) as Element;
  for (const button of copy.querySelectorAll("button")) button.remove();
  return (copy.textContent ?? "").replace(/\s+/gu, " ").trim();
}

/**
 * Words in a region that was there before are read out; a region that comes together with its words
 * is not, by most screen readers. Those words are said here, in one that is always there. What comes
 * with a heading is a part of a page, and read as that.
 */
export function Announcer() {
  const region = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const own = region.current;
    if (!own) return;
    let away: ReturnType<typeof setTimeout> | undefined;
    const say = (one: Element) => {
      const text = wordsOf(one);
      if (!one.isConnected || text === "" || own.textContent?.includes(text)) return;
      own.append(`${text} `);
      clearTimeout(away);
      away = setTimeout(() => own.replaceChildren(), SAID_MS);
    };
    const observer = new MutationObserver((changes) => {
      for (const { addedNodes } of changes)
        for (const node of addedNodes) {
          if (!(node instanceof Element) || node.querySelector("h1, h2, h3")) continue;
          // Words that come into a region are read in it.
          if (node.parentElement?.closest(`${REGION}, [role=alert]`)) continue;
          const came = node.matches(REGION) ? [node] : [...node.querySelectorAll(REGION)];
          for (const one of came) setTimeout(() => say(one), STAYS_MS);
        }
    });
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      observer.disconnect();
      clearTimeout(away);
    };
  }, []);
  return <div ref={region} role="status" className="sr-only" data-announcer />;
}
