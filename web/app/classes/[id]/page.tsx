import { redirect } from "next/navigation";

export default async function ClassPage({ params }: { params: Promise<{ id: string }> }) {
  redirect(`/classes/${(await params).id}/plan`);
}
