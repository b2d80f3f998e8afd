import { classesRehearseWords } from "@/app/words.ts";
import { RehearseStation } from "@/stations/teach/rehearse/rehearse-station.tsx";

export const generateMetadata = () => ({ title: classesRehearseWords().rehearse });

export default async function RehearsePage({ params }: { params: Promise<{ id: string }> }) {
  return <RehearseStation id={(await params).id} />;
}
