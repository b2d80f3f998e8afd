/** Lists of tasks stay sound when one goes. */
import type { Task } from "./task.ts";

/** What followed a task that is not there any more follows nothing. */
export function soundTasks(tasks: readonly Task[]): Task[] {
  const known = new Set(tasks.map(({ id }) => id));
  return tasks.map((task) =>
    task.after.every((id) => known.has(id))
      ? task
      : { ...task, after: task.after.filter((id) => known.has(id)) },
  );
}
/** Without one of them: whoever followed it now follows what it followed. */
export function withoutTask(tasks: readonly Task[], id: string): Task[] {
  const gone = tasks.find((task) => task.id === id);
  return tasks.flatMap((task) => {
    if (task.id === id) return [];
    return [
      task.after.includes(id)
        ? {
            ...task,
            after: [
              ...new Set([...task.after.filter((one) => one !== id), ...(gone?.after ?? [])]),
            ],
          }
        : task,
    ];
  });
}
