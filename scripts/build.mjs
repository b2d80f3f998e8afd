/** Packages and everything that `npm start` would build the first time: for an image. */
import { ensurePackages } from "./machine/packages.mjs";

ensurePackages();
const { buildWeb, buildWorker } = await import("./machine/build.mjs");
await buildWorker();
buildWeb();
