/**
 * `npm run backup -- FILE` writes the whole database into a file; `npm run restore -- FILE` puts it
 * in the place of the database, also on another machine. What was there stays beside it.
 */
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";
import { giveUp, say } from "./machine/say.mjs";

ensurePackages();
const [what, file] = process.argv.slice(2);
const stamp = new Date().toISOString().slice(0, 16).replace(/[T:]/gu, "-");
if (what === "restore" && !file) giveUp("Say from which file:  npm run restore -- FILE");
if (process.env.DATABASE_URL)
  giveUp(
    "DATABASE_URL is set: that server is backed up and restored by its own means, such as pg_dump and pg_restore.",
  );
const { startCluster } = await import("./machine/cluster.mjs");
const { backUp, restore } = await import("./machine/backup.mjs");
const { prepareDatabase } = await import("./machine/serve.mjs");

const cluster = await startCluster(join(ROOT, ".data"));
try {
  if (what === "restore") {
    // Roles that the backup speaks of have to be there.
    prepareDatabase(cluster, { demo: false });
    const before = restore(cluster, file);
    // A backup of an earlier version is brought up to this one.
    prepareDatabase(cluster, { demo: false });
    say(`Restored. What was there before is kept as the database ${before}.`);
  } else say(`Written: ${backUp(cluster, file ?? `backups/elm-basket-${stamp}.dump`)}`);
} catch (error) {
  say(error.message);
  process.exitCode = 1;
} finally {
  cluster.stop();
}
