import type { Metadata } from "next";
import { requireHost } from "@/account/session.ts";
import { shelfShoppingWords } from "@/app/words.ts";
import { loadShopping } from "@/stations/shelf/shopping/load-shopping.ts";
import { ShoppingPage } from "@/stations/shelf/shopping/shopping.tsx";

export const generateMetadata = (): Metadata => ({ title: shelfShoppingWords().shoppingList });

export default async function Page({ searchParams }: { searchParams: Promise<{ for?: string }> }) {
  const host = await requireHost();
  return (
    <ShoppingPage
      view={await loadShopping(host, (await searchParams).for)}
      currency={host.studio.settings.prices.currency}
    />
  );
}
