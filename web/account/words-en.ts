/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const accountActions = {
  somethingIsMissing: "Something is missing.",
  typeIt: "Type it as it is now.",
  notChanged: "Not changed.",
  theTwo: "The two are not the same.",
  itWasChangedMeanwhile: "It was changed meanwhile in another window.",
  changedEveryOtherDevice:
    "Changed. Every other device is signed out; passkeys go on working until you remove them.",
  typeYourPasswordFirst: "Type your password first.",
  nothingWasErased: "Nothing was erased.",
  type: (name: string): string => `Type “${name}”.`,
  nothingWasErasedThePassword: "Nothing was erased: the password was changed in another window.",
  thisAddressAndThisCode:
    "This address and this code do not belong together, or the code was used before.",
};

export const accountForms = {
  recoveryCodes: "Recovery codes",
  atLeastTenCharactersFour:
    "At least ten characters. Four words that do not belong together are good.",
  passwordNow: "Password now",
  newPassword: "New password",
  newPasswordOnce: "New password once more",
  changeThePassword: "Change the password",
  printThemOrWriteThem:
    "Print them or write them down now: they are not shown again. Each opens your account once.",
  print: "Print",
  yourPassword: "Your password",
  makeNewCodesTheOld: (made: boolean): string =>
    made ? "Make new codes (the old ones stop)" : "Make recovery codes",
  theStudiosName: "The studio’s name",
  toBeSureType: (studio: string): string => `To be sure: type “${studio}”.`,
  eraseTheStudioForGood: "Erase the studio for good",
  eraseYourAccount: "Erase your account",
  aDevice: (device: string): string => device || "A device that does not say what it is",
  thisOneLastUsed: (own: boolean, seen: string): string => (own ? "this one" : `last used ${seen}`),
  signOut: "sign out",
  signOutEverywhereElse: "Sign out everywhere else",
  eMailAddress: "E-mail address",
  oneOfYourRecoveryCodes: "One of your recovery codes",
  tenLettersAndFiguresSuch: "Ten letters and figures, such as k3xmp-9qtab.",
  setThePasswordAndSign: "Set the password and sign in",
};

export const actions = {
  giveYourStudioAName: "Give your studio a name.",
  aTimeZone: "A time zone such as Europe/London.",
  aTime: "A time such as 19:30.",
  giveYourEMailAddress: "Give your e-mail address and your password.",
  tooManyWrongTriesWait: "Too many wrong tries. Wait a quarter of an hour, then try again.",
  thisEMailAddress: "This e-mail address and password do not belong together.",
  somethingIsMissing: "Something is missing.",
  chooseAnotherPassword: "Choose another password.",
  tooManyNewStudios: "Too many new studios from here. Wait an hour.",
  thisEMailAddress2: "This e-mail address has a studio already: sign in instead.",
  taken: "Taken.",
  thereIsNoSuchMachine: "There is no such machine here.",
  aLoadIsBeingCut: "A load is being cut: wait until it is done.",
  anotherStudio: "Another studio has it. It can be taken when it is given back.",
};

export const again = {
  tooManyWrongTriesWait: "Too many wrong tries. Wait a quarter of an hour, then try again.",
  thatIsNotYourPassword: "That is not your password now.",
  theDemoStudioIsEverybodys:
    "The demo studio is everybody’s: its account stays as it is. Start a studio of your own.",
};

export const formFields = {
  sayWhoYouAre: "Say who you are.",
  anEMailAddress: "An e-mail address such as host@studio.example.",
  atLeastTenCharacters: "At least ten characters.",
};

export const forms = {
  signIn: "Sign in",
  eMailAddress: "E-mail address",
  password: "Password",
  lookingSign: (busy: boolean): string => (busy ? "Looking …" : "Sign in"),
  millimetres: "Millimetres",
  centimetres: "Centimetres",
  inchesFractions512: "Inches, fractions (5 1/2)",
  inchesDecimals55: "Inches, decimals (5.5)",
  lengthsIn: "Lengths in",
  nameOfTheStudio: "Name of the studio",
  atLeastTenCharacters: "At least ten characters.",
  timeZone: "Time zone",
  startTheStudio: "Start the studio",
};

export const invitation = {
  owner: "Owner",
  everythingAndSaysWhoWorks: "everything, and says who works here",
  coHost: "Co-host",
  everythingButWhoWorksHere: "everything but who works here, and erasing the studio",
  helper: "Helper",
  worksAtCutWeed: "works at Cut, Weed and Pack; sees no prices and no addresses, and plans nothing",
};

export const joinForm = {
  password: "Password",
  atLeastTenCharactersFour:
    "At least ten characters. Four words that do not belong together are good.",
  join: "Join",
};

export const passkeyActions = {
  theDevicesAnswer:
    "The device’s answer did not fit, or came after five minutes. Press once more; if it happens again, sign in by your password.",
  elmBasket: "Elm Basket",
  typeYourPasswordFirst: "Type your password first.",
  thereAreTwentyPasskeysAlready:
    "There are twenty passkeys already, or this one is kept: remove one first.",
  thisPasskeyBelongs: "This passkey belongs to no account here any more. Sign in by your password.",
};

export const passkey = {
  devicesKeepPasskeys:
    "Devices keep passkeys for an address with a name, and this one is figures only. Open the page by the name of the server, or as http://localhost on the computer it runs on.",
};

export const passkeys = {
  thisBrowserKeepsNoPasskeys:
    "This browser keeps no passkeys here: they need a secure page, or http://localhost on the computer the server runs on.",
  nothingWasChangedTheDevices: "Nothing was changed: the device’s question was closed.",
  noConnection: "No connection: it was not done. Try again in a moment.",
  noPasskeyWasUsedSign: "No passkey was used. Sign in by your password.",
  signInWithAPasskey: "Sign in with a passkey",
  thisDeviceKeepsAPasskey: "This device keeps a passkey for you already.",
  passkeys: "Passkeys",
  aDevice: (device: string): string => device || "A device that does not say what it is",
  remove: "remove",
  aPasskey: "A passkey more",
  yourPassword: "Your password",
  keptThisDeviceSigns: (made: boolean, trouble: string, said: string): string =>
    made ? "Kept: this device signs you in from now on." : trouble || said,
  keepAPasskey: "Keep a passkey on this device",
};

export const peopleActions = {
  thirtyPeopleAndOpenInvitations:
    "Thirty people and open invitations are the most: take one of them back first.",
  aStudioKeepsAnOwner: "A studio keeps an owner: make somebody else one first.",
  thatPersonIsNotHere: "That person is not here any more.",
  typeIt: "Type it as it is now.",
  nothingWasErased: "Nothing was erased.",
  somethingIsMissing: "Something is missing.",
  chooseAnotherPassword: "Choose another password.",
  tooManyTriesFromHere: "Too many tries from here. Wait an hour.",
  thatDidNotWork:
    "That did not work: the link was used or taken back meanwhile, or this e-mail address has an account already. One address is in one studio: take another one.",
};

export const peopleList = {
  you: "(you)",
  whatIs: (name: string): string => `What ${name} is`,
  remove: "remove",
  theAccountOfGoes: (name: string): string =>
    `The account of ${name} goes at once, on every device. What was planned and marked stays.`,
  remove2: (name: string): string => `Remove ${name}`,
  keepTheAccount: "Keep the account",
  inviteA: "Invite a",
  makeALinkToJoin: "Make a link to join",
  giveThisLink:
    "Give this link to one person: it is not shown again, lets in whoever opens it first, and ends after a week.",
  copy: "Copy",
  copied: "Copied",
  openInvitations: "Open invitations",
  until: (until: string): string => `until ${until}`,
  takeItBack: "take it back",
};

export const personFields = {
  yourName: "Your name",
  eMailAddress: "E-mail address",
};

export const session = {
  onlyHostsOfThisStudio: "Only hosts of this studio change that. Ask one of them.",
  onlyOwnersOfThisStudio: "Only owners of this studio change that. Ask one of them.",
};

export const languageChoice = {
  language: "Language of this device",
  whatIsInIt:
    "Of the desk, on this device. Participants’ pages follow their own browsers. What is proposed for a class (steps, materials, cautions), names of materials and printed sheets are in English so far.",
  notChanged: "No connection: not changed.",
};
