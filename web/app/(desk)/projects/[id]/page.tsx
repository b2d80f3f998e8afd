import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { requireHost } from "@/account/session.ts";
import { projectsWords } from "@/app/words.ts";
import { withStudio } from "@/data/client.ts";
import { readProject } from "@/data/projects.ts";
import { isId } from "@/planning/planned-class.ts";
import { ProjectStation } from "@/stations/projects/project-station.tsx";

export const generateMetadata = (): Metadata => ({ title: projectsWords().project });

export default async function ProjectPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const host = await requireHost();
  const project = isId(id) ? await withStudio(host.studioId, (sql) => readProject(sql, id)) : null;
  if (!project) notFound();
  return <ProjectStation host={host} project={project} />;
}
