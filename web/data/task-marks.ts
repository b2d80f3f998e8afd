/** Which tasks of the preparation are done. */
import type { Sql } from "./client.ts";

/** Beside the tasks of the preparation: labels and cards are printed. */
export const PRINTED = ":print";

/** By class: each task that is done, and when that was said. */
export async function doneTasks(
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, Map<string, Date>>> {
  const rows =
    ids.length === 0
      ? []
      : await sql<
          { workshop_id: string; task: string; done_at: Date }[]
        >`select workshop_id, task, done_at from task_marks where workshop_id = any(${ids as string[]})`;
  const done = new Map<string, Map<string, Date>>(ids.map((id) => [id, new Map()]));
  for (const { workshop_id, task, done_at } of rows) done.get(workshop_id)?.set(task, done_at);
  return done;
}

/**
 * One short transaction; a mark that is there already stays as it is. False where the studio has no
 * such class, or the class no such task.
 */
export async function markTask(
  sql: Sql,
  studioId: string,
  workshopId: string,
  task: string,
  on: boolean,
): Promise<boolean> {
  if (!on)
    return (
      (
        await sql`delete from task_marks where workshop_id = ${workshopId} and task = ${task} returning task`
      ).length > 0
    );
  await sql`
    insert into task_marks (studio_id, workshop_id, task)
    select ${studioId}, id, ${task} from workshops where id = ${workshopId} and (${task} = ${PRINTED} or body->'preparation' @> ${sql.json([{ id: task }])})
    on conflict (workshop_id, task) do nothing`;
  return (
    (await sql`select 1 from task_marks where workshop_id = ${workshopId} and task = ${task}`)
      .length > 0
  );
}
