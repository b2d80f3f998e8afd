/** What is usual of a cutter until the host says otherwise: mm, mm/s, seconds and minutes. */
export const USUAL_CUTTER = {
  matless: false,
  edgeMargin: 3,
  cutSpeed: 60,
  travelSpeed: 200,
  liftSeconds: 0.15,
  cornerSeconds: 0.012,
  loadMinutes: 2.5,
  knifeOffset: 0,
  overcut: 0.5,
} as const;
