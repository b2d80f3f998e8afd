// @vitest-environment happy-dom
import { act, cleanup, render, screen } from "@testing-library/react";
import { createElement as element } from "react";
import { afterEach, describe, expect, it } from "vitest";
import { Fold } from "./fold.tsx";

afterEach(cleanup);

const fold = (summary: string, open: boolean, ...within: ReturnType<typeof element>[]) =>
  element(
    Fold,
    { key: summary, summary: element("summary", null, summary), open } as never,
    within,
  );
const field = (name: string) => element("input", { key: name, "aria-label": name });

const drawn = (open = false) =>
  render(fold("More", open, fold("Deeper", false, field("deep")), field("near")));

/** As a browser does it: the attribute, then the event, which does not rise. */
const toggle = (summary: string, open: boolean) =>
  act(async () => {
    const details = screen.getByText(summary).parentElement as HTMLDetailsElement;
    details.open = open;
    details.dispatchEvent(new Event("toggle"));
  });

describe("a fold", () => {
  it("draws what is in it when it is opened first, and one within it by itself", async () => {
    drawn();
    expect(screen.queryByLabelText("near")).toBeNull();
    await toggle("More", true);
    expect(screen.queryByLabelText("near")).not.toBeNull();
    expect(screen.queryByLabelText("deep")).toBeNull();
    await toggle("Deeper", true);
    expect(screen.queryByLabelText("deep")).not.toBeNull();
  });

  it("keeps what was typed when it is shut and opened again", async () => {
    drawn();
    await toggle("More", true);
    (screen.getByLabelText("near") as HTMLInputElement).value = "typed";
    await toggle("More", false);
    await toggle("More", true);
    expect((screen.getByLabelText("near") as HTMLInputElement).value).toBe("typed");
  });

  it("is drawn at once where it is open from the start", () => {
    drawn(true);
    expect(screen.queryByLabelText("near")).not.toBeNull();
    expect(screen.queryByLabelText("deep")).toBeNull();
  });
});
