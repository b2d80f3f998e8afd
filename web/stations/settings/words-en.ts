/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const cutterChoice = {
  loadsAreSent: "Loads are sent to",
  aMachineIsOneStudios:
    "A machine is one studio's at a time. The stand-in shows what a cutter would do, and is your own.",
  theStand: "the stand-in",
};

export const daysOff = {
  itEndsBeforeItBegins: (
    from: string,
    last: string,
    today: string,
    ahead: number,
    mostDaysOff: number,
  ): string =>
    from === ""
      ? ""
      : last < from
        ? "It ends before it begins."
        : last < today
          ? "That has passed."
          : ahead >= mostDaysOff
            ? `${mostDaysOff} are kept at most.`
            : "",
  daysOff: "Days off",
  to: (date: string): string => ` to ${date}`,
  removeTheDayOff: (date: string): string => `Remove the day off from ${date}`,
  remove: "remove",
  from: "From",
  toTheSameDay: "To, the same day if empty",
  why: "Why",
  addIt: "Add it",
};

export const namesKeptField = {
  namesAndTextsOfDecals: "Names and texts of decals are kept",
  untilYouEraseThem: "until you erase them",
  classesAreOlder: (gone: number): string =>
    `${gone === 1 ? "One class is" : `${gone} classes are`} older than that: names there go within the hour and cannot be brought back. Not saved yet.`,
  eraseAndKeep: "Erase, and keep it so",
  leaveAs: "Leave as it was",
  thenNamesTextsTheDrawings:
    "Then names, texts, the drawings made of them and undo go. Minutes, counts and notes stay. A single class has its own way at Look back.",
  oneMonthAfterTheClass: (months: number): string =>
    months === 1 ? "one month after the class" : `${months} months after the class`,
};

export const settingsBench = {
  millimetres: "millimetres",
  centimetres: "centimetres",
  inchesAsFractions: "inches, as fractions",
  inchesAsDecimals: "inches, as decimals",
  lowTack: "low tack",
  medium: "medium",
  strong: "strong",
  n730Pm: "7:30 pm",
  monday: "Monday",
  sunday: "Sunday",
  saving: "Saving …",
  noConnectionNotSavedChange: "No connection: not saved. Change anything to try again.",
  saved: "Saved",
  anotherWindowChangedTheSame: "Another window changed the same first: what is there now is shown.",
  notSavedSee: "Not saved: see what is marked.",
  settings: "Settings",
  yourAccountPasswordDevicesRecovery: "Your account: password, devices, recovery codes",
  theStudio: "The studio",
  name: "Name",
  giveYourStudioAName: "Give your studio a name.",
  lengthsIn: "Lengths in",
  timeZoneOfTheStudio: "Time zone of the studio",
  aTimeZoneSuch: "A time zone such as Europe/London.",
  timesAs: "Times as",
  theWeekBegins: "The week begins on",
  evenings: "Evenings",
  anEveningBegins: "An evening begins at",
  freeMinutesOfAnEvening: "Free minutes of an evening",
  participants: "Participants",
  whatNewClassesBegin: "What new classes begin with",
  currency: "Currency",
  anHourOfYours: "An hour of yours",
  theVenueAClass: "The venue, a class",
  marginOfThePrice: "Margin of the price",
  cutterAndMat: "Cutter and mat",
  film: "Film",
  askedEachTime: "asked each time",
  transferTapeAtHand: "Transfer tape at hand",
  howYouWork: "How you work",
  goodPractitionersDifferHereNew:
    "Good practitioners differ here. New classes, their steps and what the stations advise follow what you choose; the other way stays beside it with its reason.",
};
