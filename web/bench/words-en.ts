/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const film = {
  onTheMatWhichHolds: (weedOn: string | null, weedOn2: string): string =>
    (weedOn ?? weedOn2) === "mat"
      ? "On the mat, which holds the film still."
      : "Off the mat: the film can be turned, rolled and held to the light.",
};

export const marks = {
  seatCutAgain: (seat: string): string => `Seat ${seat} cut again`,
};
