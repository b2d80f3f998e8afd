/** Programs from Debian's packages, installed when they are missing. */
import { spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { giveUp, say } from "./say.mjs";

const isRoot = () => process.getuid?.() === 0;
const APT_ENV = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };

function asRoot(command, args) {
  return isRoot()
    ? spawnSync(command, args, { stdio: "ignore", env: APT_ENV })
    : spawnSync("sudo", ["-n", command, ...args], { stdio: "ignore", env: APT_ENV });
}

/** @param {string[]} packages @param {string} what */
export function aptInstall(packages, what) {
  if (!existsSync("/usr/bin/apt-get"))
    giveUp(
      `${what} is missing and there is no apt-get here: install ${packages.join(" ")} by hand, then start again.`,
    );
  say(`Installing ${what} from Debian's packages …`);
  const install = () =>
    asRoot("apt-get", [
      "install",
      "-y",
      "--no-install-recommends",
      "-o",
      "Dpkg::Options::=--force-confold",
      ...packages,
    ]);
  if (asRoot("apt-get", ["update"]).status === 0 && install().status === 0) return;
  giveUp(
    `${what} could not be installed${isRoot() ? "" : " (no right to use apt)"}: run  sudo apt-get install ${packages.join(" ")}  and start again.`,
  );
}

/** Folder of the newest PostgreSQL server's programs, or null. */
export function postgresBin() {
  const base = "/usr/lib/postgresql";
  const versions = existsSync(base) ? readdirSync(base).sort((a, b) => Number(b) - Number(a)) : [];
  const found = versions
    .map((version) => `${base}/${version}/bin`)
    .find((bin) => existsSync(`${bin}/initdb`) && existsSync(`${bin}/postgres`));
  return found ?? null;
}

export function ensurePostgres() {
  const found = postgresBin();
  if (found) return found;
  keepSystemClusterAway();
  aptInstall(["postgresql"], "PostgreSQL");
  return (
    postgresBin() ??
    giveUp(
      "PostgreSQL was installed but its programs are not in /usr/lib/postgresql: see that the package postgresql is complete.",
    )
  );
}

/** The package would otherwise make and start a cluster of the system's on port 5432. */
function keepSystemClusterAway() {
  const file = "/etc/postgresql-common/createcluster.conf";
  if (!isRoot()) {
    asRoot("mkdir", ["-p", "/etc/postgresql-common"]);
    asRoot("sh", [
      "-c",
      `grep -qs create_main_cluster ${file} || echo 'create_main_cluster = false' >> ${file}`,
    ]);
    return;
  }
  mkdirSync("/etc/postgresql-common", { recursive: true });
  const now = existsSync(file) ? readFileSync(file, "utf8") : "";
  if (!/^\s*create_main_cluster/mu.test(now))
    writeFileSync(file, `${now}create_main_cluster = false\n`);
}

/** The browser, and what renders printed pages so that they can be measured. */
export function ensureBrowser() {
  const wanted = [
    ["/usr/bin/chromium", "chromium"],
    ["/usr/bin/chromedriver", "chromium-driver"],
    ["/usr/bin/pdftoppm", "poppler-utils"],
  ];
  const missing = wanted.filter(([path]) => !existsSync(path)).map(([, name]) => name);
  if (missing.length > 0)
    aptInstall([...missing, "fonts-dejavu-core"], "Chromium for the browser tests");
}
