/** Started by root, what serves gives up root's rights. */
import { spawnSync } from "node:child_process";
import { ROOT } from "./packages.mjs";
import { say } from "./say.mjs";

/** Ports below are root's to listen on. */
const FREE_FOR_ALL = 1024;
const told = new Set();

/**
 * For `spawn`: whose the process is. Empty where it need not change, or cannot.
 * @param {number} [port] on which it listens
 */
export function asNobody(port = FREE_FOR_ALL) {
  if (process.getuid?.() !== 0) return {};
  if (port < FREE_FOR_ALL)
    return remain(
      `port ${port} is root's to listen on. Choose one above 1023 and put a proxy in front`,
    );
  const [uid, gid] = ["-u", "-g"].map((flag) =>
    Number(spawnSync("id", [flag, "nobody"], { encoding: "utf8" }).stdout),
  );
  const reads =
    uid > 0 &&
    spawnSync("setpriv", [
      `--reuid=${uid}`,
      `--regid=${gid}`,
      "--clear-groups",
      process.execPath,
      "-e",
      `require("fs").readFileSync(${JSON.stringify(`${ROOT}/web/package.json`)})`,
    ]).status === 0;
  return reads
    ? { uid, gid }
    : remain(
        "no other user can read this folder, or Node itself. Put both where others can read them, or start as another user",
      );
}

function remain(why) {
  if (!told.has(why)) say(`Note: what serves runs as root: ${why}.`);
  told.add(why);
  return {};
}
