/**
 * `npm run let-in -- EMAIL`: a recovery code for somebody who forgot their password and has none,
 * for whoever runs this server. The code opens the account once.
 */
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";
import { giveUp } from "./machine/say.mjs";

const [email] = process.argv.slice(2);
if (!email) giveUp("Say for whom:  npm run let-in -- host@studio.example");
ensurePackages();
const { startCluster } = await import("./machine/cluster.mjs");
const { prepareDatabase, runTypeScript } = await import("./machine/serve.mjs");

const given = process.env.DATABASE_URL;
const cluster = given ? { url: given, stop: () => {} } : await startCluster(join(ROOT, ".data"));
process.on("exit", () => cluster.stop());
if (!given) prepareDatabase(cluster, { demo: false });
process.stdout.write(
  runTypeScript(
    "web/data/let-in.ts",
    { ELM_OWNER_URL: cluster.url, ELM_EMAIL: email },
    "No code was made",
  ),
);
