/** Floors of core: a folder knows those below it, never one beside or above it, not even its types. */
const FLOORS = [
  ["calendar", "faults", "figures", "findings", "geometry", "live", "look-back", "memory", "roster", "supplies", "units"],
  ["art", "nesting", "posting", "scheduling", "splitting", "weeding"],
  ["blanks", "cutting", "lettering"],
  ["fitting", "studio", "trials"],
  ["document"],
  ["films", "guide", "learning", "stages", "stock"],
  ["proposal"],
  ["advice", "rehearsal", "starters"],
  ["plan"],
  ["reckoner", "variants"],
];
const OWN = { pathNot: "(\\.test\\.ts$|^core/src/testing/)" };
const floors = FLOORS.flatMap((folders, at) =>
  folders.map((folder) => ({
    name: "floors",
    severity: "error",
    from: { path: `^core/src/${folder}/`, ...OWN },
    to: { path: `^core/src/(${FLOORS.slice(at).flat().filter((other) => other !== folder).join("|")})/` },
  })),
);

/** Imports run one way, downwards: core <- fonts <- print <- cli, web. */
module.exports = {
  forbidden: [
    ...floors,
    { name: "every-folder-has-a-floor", severity: "error", from: {}, to: { path: "^core/src/", pathNot: `^core/src/(${FLOORS.flat().join("|")}|testing)/` } },
    { name: "core-is-pure", severity: "error", from: { path: "^core/src", pathNot: "(\\.test\\.ts$|^core/src/testing/)" }, to: { path: "^(web|cli|print|fonts)/|node_modules/(react|react-dom|next|postgres|pdfkit|piscina)/" } },
    { name: "core-has-no-node", severity: "error", from: { path: "^core/src", pathNot: "(\\.test\\.ts$|^core/src/testing/)" }, to: { dependencyTypes: ["core"] } },
    { name: "testing-stays-in-tests", severity: "error", from: { pathNot: "(\\.test\\.ts$|/testing/|^e2e/|^bench/)" }, to: { path: "/testing/" } },
    { name: "print-knows-no-app", severity: "error", from: { path: "^(print|fonts)/" }, to: { path: "^(web|cli)/" } },
    { name: "cli-knows-no-app", severity: "error", from: { path: "^cli/" }, to: { path: "^web/" } },
    { name: "cutter-stands-alone", severity: "error", from: { path: "^cutter/", pathNot: "\\.test\\.ts$" }, to: { path: "^(core|web|cli|print|fonts)/" } },
    { name: "cutter-only-through-its-port", severity: "error", from: { path: "^(core|web|cli|print|fonts)/" }, to: { path: "^cutter/" } },
    { name: "sql-only-in-data", severity: "error", from: { path: "^(web|cli|print|core|fonts)/", pathNot: "^web/data/" }, to: { path: "node_modules/postgres/" } },
    { name: "ui-knows-no-station", severity: "error", from: { path: "^web/(ui|data|planning)/" }, to: { path: "^web/(stations|app)/" } },
    { name: "stations-keep-apart", severity: "error", from: { path: "^web/stations/([^/]+)/" }, to: { path: "^web/stations/([^/]+)/", pathNot: "^web/stations/($1|frame)/" } },
    { name: "no-circles", severity: "error", from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } } },
    { name: "resolvable", severity: "error", from: {}, to: { couldNotResolve: true, pathNot: "\\.css$" } },
  ],
  options: { doNotFollow: { path: "node_modules" }, tsPreCompilationDeps: true, tsConfig: { fileName: "tsconfig.json" }, exclude: { path: "(next-env\\.d\\.ts|(\\.next|\\.built|scratch)/)" }, enhancedResolveOptions: { exportsFields: ["exports"], conditionNames: ["import", "types", "default"], extensions: [".ts", ".tsx", ".mjs", ".js", ".json", ".css"] } },
};
