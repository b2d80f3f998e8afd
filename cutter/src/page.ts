/**
 * The stand-in's own small page: what it is doing, what it made of the film, and buttons for what
 * can go wrong.
 */
import { createServer, type Server } from "node:http";
import { FAULTS, type Fault, type Machine } from "./machine.ts";
import type { Workshop } from "./workshop.ts";

const WORDS: Record<Fault, string> = {
  wrongForce: "Force for another film: nothing is cut through",
  dullBlade: "Dull blade: small pieces are only scored",
  skewed: "Film loaded crooked: the edge is missed",
  jam: "Jam: stops half way, can go on",
  powerLoss: "Power loss: stops, and remembers nothing",
  tooShort: "Film too short: the far end is missed",
};

/**
 * `/` shows the machine that was spoken to last, `/m/<name>` one of them; faults are pressed at
 * `/fault/<fault>` below either.
 */
const ADDRESS = /^(?:\/m\/([a-z0-9-]{1,40}))?\/?(?:fault\/(\w+))?$/u;

export function servePage(workshop: Workshop, port: number): Promise<Server> {
  const server = createServer((request, response) => {
    const found = ADDRESS.exec(request.url ?? "");
    const fault = FAULTS.find((one) => one === found?.[2]);
    // Only the page's own buttons: a form of another site carries another origin.
    const own =
      request.headers.origin === undefined ||
      request.headers.origin === `http://${request.headers.host}`;
    const shown = found ? workshop.shown(found[1] ?? null) : null;
    if (shown && request.method === "POST" && fault && own) {
      workshop.inject(shown.name, fault);
      response.writeHead(303, { location: found?.[1] ? `/m/${found[1]}` : "/" }).end();
    } else if (shown && found?.[2] === undefined && request.method === "GET")
      response
        .writeHead(200, { "content-type": "text/html; charset=utf-8" })
        .end(page(shown.machine, shown.name, workshop.names()));
    else
      response
        .writeHead(404, { "content-type": "text/plain; charset=utf-8" })
        .end("There is no such page.\n");
  });
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, "127.0.0.1", () => resolve(server));
  });
}

const escapeHtml = (text: string): string =>
  text.replace(/[&<>"']/gu, (char) => `&#${char.charCodeAt(0)};`);

function page(machine: Machine, name: string, names: readonly string[]): string {
  const status = machine.status();
  const outcomes = machine.result();
  const count = (outcome: string) => outcomes.filter((one) => one.outcome === outcome).length;
  const faults = FAULTS.map(
    (fault) =>
      `<form method="post" action="${name ? `/m/${name}` : ""}/fault/${fault}"><button>${WORDS[fault]}</button></form>`,
  ).join("");
  return `<!doctype html><html lang="en"><meta charset="utf-8"><meta http-equiv="refresh" content="2"><meta name="viewport" content="width=device-width"><title>Cutter stand-in</title>
<style>body{font:18px/1.5 system-ui,sans-serif;max-width:34rem;margin:2rem auto;padding:0 1rem;background:#f1ede3;color:#22292b}button{font:inherit;padding:.6rem 1rem;margin:.25rem 0;width:100%;text-align:left;border:1px solid #22292b;background:none;border-radius:3px;cursor:pointer}dt{color:#5a6365}dd{margin:0 0 .5rem;font-weight:700}</style>
<h1>Cutter stand-in${name ? ` ${escapeHtml(name)}` : ""}</h1>${names.length > 1 ? `<p>${names.map((one) => `<a href="${one ? `/m/${one}` : "/"}">${one ? escapeHtml(one) : "without a name"}</a>`).join(" · ")}</p>` : ""}<dl><dt>State</dt><dd>${status.state}${status.fault ? `, ${escapeHtml(WORDS[status.fault])}` : ""}</dd>
<dt>Film</dt><dd>${status.film ? `${status.film.width} × ${status.film.height} mm` : "none"}</dd>
<dt>Cut</dt><dd>${status.cut.length} of ${status.pieces} pieces, ${status.seconds.toFixed(0)} of ${status.ofSeconds.toFixed(0)} s${status.piece ? `, now ${escapeHtml(status.piece)}` : ""}</dd>
<dt>On the film</dt><dd>${count("through")} through, ${count("kissed")} only scored, ${count("missed")} missed</dd></dl>
<h2>Let something go wrong</h2>${faults}</html>`;
}
