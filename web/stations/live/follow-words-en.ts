/** Every word of the participant's phone, but what the host wrote. A second language is a second file of this shape. */
export const FOLLOW_EN = {
  title: "Follow the class",
  /** How days are written. */
  locale: "en-GB",
  away: (answered: boolean, since: string): string =>
    `${answered ? "No network" : "This page no longer gets an answer"} since ${since}.`,
  goOn: (answered: boolean): string =>
    answered
      ? "Go on: the clock runs here."
      : "If your host has sent a new link, use that one; your steps stay here.",
  waiting: (count: number): string => ` What you press waits, and goes out later: ${count}`,
  place: (at: number, of: number, end: string): string => `${at} of ${of} · ends about ${end}`,
  youAre: "You are",
  chooseName: "choose your name",
  steps: (all: boolean): string => (all ? "fewer steps" : "all steps"),
  text: (larger: boolean): string => (larger ? "smaller text" : "larger text"),
  over: "over",
  leftOf: "left of",
  held: "Held: your host is explaining something.",
  next: (title: string): string => `then: ${title}`,
  last: "the last step",
  lies: "Yours lies: ",
  where: "Where: ",
  good: "Good when: ",
  wrong: "If it goes wrong: ",
  dries: ["It dries: not before ", ". Leave it alone until then."] as readonly [string, string],
  wasDone: (title: string, at: string): string => `“${title}” was done at ${at}.`,
  turn: (tool: string): string => `It is your turn${tool ? ` at the ${tool}` : ""}.`,
  before: (count: number, tool: string): string =>
    `${count} before you${tool ? ` at the ${tool}` : ""}.`,
  through: "You have had your turn.",
  allSteps: "All steps",
  now: "now",
  done: "done",
  leftOut: "left out",
  picture: (name: string, title: string, painted: boolean): string =>
    `${name}${title ? `, ${title}` : ""}: ${painted ? "the letters that are painted" : "the decal"} on its piece`,
  lobby: {
    moment: "One moment",
    was: "That was the class",
    beginsIn: (time: string): string => `It begins in ${time}`,
    notBegun: "Not begun yet",
    /** Where the browser keeps pages; elsewhere what is closed needs the network to open again. */
    startsByItself: (when: string, home: boolean, keeps: boolean): string =>
      `${when}${home ? " where you are" : ""}. This page starts by itself when your host does; ${keeps ? "it opens again without network." : "leave it open: then it goes on without network."}`,
    yours: (name: string): string => `Yours, ${name}`,
    ready: (home: boolean): string => (home ? "Lay these ready" : "At your place"),
    kit: (films: number): string =>
      films === 1 ? "Your kit: one piece of film" : `Your kit: ${films} pieces of film`,
    knowsAll: "Your host knows that you have everything.",
    knowsLack: "Your host knows what is missing.",
    missing: "What is missing",
    somethingMissing: "Something is missing",
    allHere: "All here",
  },
  /** Before a class is known: the code is typed. */
  room: {
    heading: "Follow your class",
    type: (letters: number): string =>
      `Type the code of your class: ${letters} letters and figures`,
    wrong: (code: string): string =>
      `No class here has the code “${code}”. Look at the wall once more, or ask your host.`,
    go: "Go to the class",
  },
  tell: "Tell the host",
  acts: {
    done: "Your host sees that you are done.",
    stuck: "Your host sees that you are stuck.",
    helped: "Good, you can go on.",
    nameFirst: "Choose your name above, and these buttons reach your host.",
    withWhat: "With what",
    /** As the host reads it, and as it is shown. */
    stuckWith: {
      "It will not come off its backing": "It will not come off its backing",
      "It lies crooked": "It lies crooked",
      "I am behind": "I am behind",
      "Something is missing": "Something is missing",
    },
    yourWords: "Or in your words",
    notNow: "not now",
    goesAgain: "I can go on again",
    amStuck: "I'm stuck",
    isDone: (said: boolean): string => (said ? "✓ Done" : "Done"),
  },
  felt: {
    label: "How it was",
    question: "How was the pace? Only if you like; only your host reads it.",
    /** As the host reads it, and as it is shown. */
    paces: { "too fast": "too fast", "just right": "just right", "too slow": "too slow" },
    hardest: "What was hardest?",
    thanks: "Thank you: your host reads it.",
  },
  refused: {
    over: "That step is over, or the class has not begun: it was not counted.",
    closed: "This link is not in use any more. Ask your host.",
    taken:
      "Another phone goes by this name. Your host sees it and can let this one in; what you press waits until then.",
    turnedAway:
      "Your host keeps another phone for this name. Choose your own name; if this is yours, choose it once more and tell your host.",
    unsayable: "That could not be sent.",
  },
};
export type FollowWords = typeof FOLLOW_EN;
