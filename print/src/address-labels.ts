/** Address labels for parcels: who, where, and in the corner whose kit goes in. */
import type { Address } from "@elm-basket/core/posting/posting.ts";
import type { LabelSheetId } from "./label-sheets.ts";
import { textLabelsPdf } from "./text-labels.ts";

export interface AddressLabel {
  readonly seat: string;
  readonly address: Address;
}

export interface AddressSheet {
  readonly title: string;
  /** Date of the class: the file's own date. */
  readonly date: string;
  readonly sheet: LabelSheetId;
}

/** The country stands last and in capitals, as posts ask for; of the studio's own there is none. */
export const addressLabelsPdf = (
  labels: readonly AddressLabel[],
  { title, date, sheet }: AddressSheet,
): Promise<Uint8Array> =>
  textLabelsPdf(
    `Address labels: ${title}`,
    date,
    sheet,
    labels.map(({ seat, address: { name, lines, country } }) => ({
      head: name,
      lines: [...lines, country.toUpperCase()],
      foot: `Seat ${seat}`,
    })),
    "No parcel that is still to go has an address.",
  );
