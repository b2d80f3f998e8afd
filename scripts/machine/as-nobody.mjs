/** Started by root, what serves gives up root's rights. */
import { spawnSync } from "node:child_process";
import { ROOT } from "./packages.mjs";
import { say } from "./say.mjs";

let told = false;

/** For `spawn`: whose the process is. Empty where it need not change, or cannot. */
export function asNobody() {
  if (process.getuid?.() !== 0) return {};
  const [uid, gid] = ["-u", "-g"].map((flag) =>
    Number(spawnSync("id", [flag, "nobody"], { encoding: "utf8" }).stdout),
  );
  const reads =
    uid > 0 &&
    spawnSync("setpriv", [
      `--reuid=${uid}`,
      `--regid=${gid}`,
      "--clear-groups",
      "test",
      "-r",
      `${ROOT}/web/package.json`,
    ]).status === 0;
  if (reads) return { uid, gid };
  if (!told)
    say(
      "Note: what serves runs as root, because no other user can read this folder. Put it where others can read it, such as /srv, or start as another user.",
    );
  told = true;
  return {};
}
