/** A studio's work in open formats, one file after the other. */
import type { Host } from "@/account/session.ts";
import { settingsStudioZipArchiveWords } from "@/app/words.ts";
import { classIds, listCutters, readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { fontBytes, listFonts } from "@/data/fonts.ts";
import { listGoods } from "@/data/goods.ts";
import { studioLog } from "@/data/log.ts";
import { pictureIds, readPicture } from "@/data/pictures.ts";
import { listProjects } from "@/data/projects.ts";
import { logFile, MOST_ROWS } from "@/stations/logbook/log-file.ts";
import { searchOf } from "@/stations/logbook/log-search.ts";
import { goodsFile } from "@/stations/shelf/goods-file.ts";

const readme = () => settingsStudioZipArchiveWords().yourStudiosWorkClassesEvery(MOST_ROWS);

type Entry = readonly [name: string, body: string | Uint8Array];

const text = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

/** A name that every system can keep, and no other file has. */
export function fileName(title: string, n: number): string {
  const plain = title
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^a-z0-9]+/gu, "-")
    .slice(0, 60)
    .replace(/^-|-$/gu, "");
  return `${String(n + 1).padStart(3, "0")}-${plain || "untitled"}`;
}

export async function* archiveOf({ studioId, studio }: Host): AsyncGenerator<Entry> {
  const ask = <T>(work: Parameters<typeof withStudio<T>>[1]) => withStudio(studioId, work);
  yield ["README.txt", readme()];
  const { name, person, unit, zone, settings } = studio;
  yield [
    "studio.json",
    text({ name, person, unit, zone, settings, cutters: await ask(listCutters) }),
  ];
  yield ["goods.csv", goodsFile(await ask(listGoods), settings.prices.currency)];
  yield ["log.csv", logFile(await ask((sql) => studioLog(sql, searchOf({}), MOST_ROWS)))];
  for (const [n, id] of (await ask(classIds)).entries()) {
    const stored = await ask((sql) => readClass(sql, id));
    if (stored) yield [`classes/${fileName(stored.document.title, n)}.json`, text(stored.document)];
  }
  for (const [n, { title, document, variants }] of (await ask(listProjects)).entries()) {
    yield [`projects/${fileName(title, n)}.json`, text(document)];
    if (variants.length > 0) yield [`projects/${fileName(title, n)}.variants.json`, text(variants)];
  }
  for (const [n, { id, family }] of (await ask(listFonts)).entries()) {
    const bytes = await ask((sql) => fontBytes(sql, id));
    if (bytes) yield [`fonts/${fileName(family, n)}.ttf`, bytes];
  }
  for (const id of await ask(pictureIds)) {
    const bytes = await ask((sql) => readPicture(sql, id));
    if (bytes) yield [`pictures/${id}.jpg`, bytes];
  }
}
