import type * as en from "./words-en.ts";

const AGAIN_LATER = "Warten Sie eine Viertelstunde, dann versuchen Sie es noch einmal.";
const FOUR_WORDS = "Mindestens zehn Zeichen. Vier Wörter, die nicht zusammengehören, sind gut.";

export const accountActions: typeof en.accountActions = {
  somethingIsMissing: "Es fehlt etwas.",
  typeIt: "Tippen Sie es, wie es jetzt ist.",
  notChanged: "Nicht geändert.",
  theTwo: "Die beiden sind nicht gleich.",
  itWasChangedMeanwhile: "Es wurde inzwischen in einem anderen Fenster geändert.",
  changedEveryOtherDevice:
    "Geändert. Alle anderen Geräte sind abgemeldet; Passkeys gelten weiter, bis Sie sie entfernen.",
  typeYourPasswordFirst: "Tippen Sie zuerst Ihr Passwort.",
  nothingWasErased: "Nichts wurde gelöscht.",
  type: (name) => `Tippen Sie „${name}“.`,
  nothingWasErasedThePassword:
    "Nichts wurde gelöscht: Das Passwort wurde in einem anderen Fenster geändert.",
  thisAddressAndThisCode:
    "Diese Adresse und dieser Code gehören nicht zusammen, oder der Code wurde schon benutzt.",
};

export const accountForms: typeof en.accountForms = {
  recoveryCodes: "Wiederherstellungscodes",
  atLeastTenCharactersFour: FOUR_WORDS,
  passwordNow: "Passwort jetzt",
  newPassword: "Neues Passwort",
  newPasswordOnce: "Neues Passwort noch einmal",
  changeThePassword: "Passwort ändern",
  printThemOrWriteThem:
    "Drucken oder schreiben Sie sie jetzt auf: Sie werden nicht wieder gezeigt. Jeder öffnet Ihr Konto einmal.",
  print: "Drucken",
  yourPassword: "Ihr Passwort",
  makeNewCodesTheOld: (made) =>
    made ? "Neue Codes erzeugen (die alten enden)" : "Wiederherstellungscodes erzeugen",
  theStudiosName: "Der Name der Werkstatt",
  toBeSureType: (studio) => `Zur Sicherheit: Tippen Sie „${studio}“.`,
  eraseTheStudioForGood: "Die Werkstatt endgültig löschen",
  eraseYourAccount: "Ihr Konto löschen",
  aDevice: (device) => device || "Ein Gerät, das nicht sagt, was es ist",
  thisOneLastUsed: (own, seen) => (own ? "dieses" : `zuletzt benutzt ${seen}`),
  signOut: "abmelden",
  signOutEverywhereElse: "Überall sonst abmelden",
  eMailAddress: "E-Mail-Adresse",
  oneOfYourRecoveryCodes: "Einer Ihrer Wiederherstellungscodes",
  tenLettersAndFiguresSuch: "Zehn Buchstaben und Ziffern, wie k3xmp-9qtab.",
  setThePasswordAndSign: "Passwort setzen und anmelden",
};

export const actions: typeof en.actions = {
  giveYourStudioAName: "Geben Sie Ihrer Werkstatt einen Namen.",
  aTimeZone: "Eine Zeitzone wie Europe/Berlin.",
  aTime: "Eine Uhrzeit wie 19:30.",
  giveYourEMailAddress: "Geben Sie Ihre E-Mail-Adresse und Ihr Passwort ein.",
  tooManyWrongTriesWait: `Zu viele falsche Versuche. ${AGAIN_LATER}`,
  thisEMailAddress: "Diese E-Mail-Adresse und dieses Passwort gehören nicht zusammen.",
  somethingIsMissing: "Es fehlt etwas.",
  chooseAnotherPassword: "Wählen Sie ein anderes Passwort.",
  tooManyNewStudios: "Zu viele neue Werkstätten von hier. Warten Sie eine Stunde.",
  thisEMailAddress2: "Diese E-Mail-Adresse hat schon eine Werkstatt: Melden Sie sich an.",
  taken: "Übernommen.",
  thereIsNoSuchMachine: "Hier gibt es keine solche Maschine.",
  aLoadIsBeingCut: "Eine Ladung wird geschnitten: Warten Sie, bis sie fertig ist.",
  anotherStudio:
    "Eine andere Werkstatt hat sie. Sie kann genommen werden, wenn sie zurückgegeben ist.",
};

export const again: typeof en.again = {
  tooManyWrongTriesWait: `Zu viele falsche Versuche. ${AGAIN_LATER}`,
  thatIsNotYourPassword: "Das ist nicht Ihr jetziges Passwort.",
  theDemoStudioIsEverybodys:
    "Die Beispielwerkstatt gehört allen: Ihr Konto bleibt, wie es ist. Beginnen Sie eine eigene Werkstatt.",
};

export const formFields: typeof en.formFields = {
  sayWhoYouAre: "Sagen Sie, wer Sie sind.",
  anEMailAddress: "Eine E-Mail-Adresse wie kurs@werkstatt.example.",
  atLeastTenCharacters: "Mindestens zehn Zeichen.",
};

export const forms: typeof en.forms = {
  signIn: "Anmelden",
  eMailAddress: "E-Mail-Adresse",
  password: "Passwort",
  lookingSign: (busy) => (busy ? "Sucht …" : "Anmelden"),
  millimetres: "Millimeter",
  centimetres: "Zentimeter",
  inchesFractions512: "Zoll, Brüche (5 1/2)",
  inchesDecimals55: "Zoll, dezimal (5.5)",
  lengthsIn: "Längen in",
  nameOfTheStudio: "Name der Werkstatt",
  atLeastTenCharacters: "Mindestens zehn Zeichen.",
  timeZone: "Zeitzone",
  startTheStudio: "Werkstatt beginnen",
};

export const invitation: typeof en.invitation = {
  owner: "Inhaber",
  everythingAndSaysWhoWorks: "alles, und sagt, wer hier arbeitet",
  coHost: "Mitleitung",
  everythingButWhoWorksHere: "alles außer, wer hier arbeitet, und die Werkstatt zu löschen",
  helper: "Helfer",
  worksAtCutWeed:
    "arbeitet beim Schneiden, Entgittern und Packen; sieht keine Preise und keine Adressen und plant nichts",
};

export const joinForm: typeof en.joinForm = {
  password: "Passwort",
  atLeastTenCharactersFour: FOUR_WORDS,
  join: "Beitreten",
};

export const passkeyActions: typeof en.passkeyActions = {
  theDevicesAnswer:
    "Die Antwort des Geräts passte nicht oder kam nach fünf Minuten. Drücken Sie noch einmal; geschieht es wieder, melden Sie sich mit Ihrem Passwort an.",
  elmBasket: "Elm Basket",
  typeYourPasswordFirst: "Tippen Sie zuerst Ihr Passwort.",
  thereAreTwentyPasskeysAlready:
    "Es gibt schon zwanzig Passkeys, oder dieser ist gespeichert: Entfernen Sie zuerst einen.",
  thisPasskeyBelongs:
    "Dieser Passkey gehört hier zu keinem Konto mehr. Melden Sie sich mit Ihrem Passwort an.",
};

export const passkey: typeof en.passkey = {
  devicesKeepPasskeys:
    "Geräte speichern Passkeys für eine Adresse mit Namen, und diese besteht nur aus Zahlen. Öffnen Sie die Seite mit dem Namen des Servers, oder als http://localhost auf dem Rechner, auf dem er läuft.",
};

export const passkeys: typeof en.passkeys = {
  thisBrowserKeepsNoPasskeys:
    "Dieser Browser speichert hier keine Passkeys: Sie brauchen eine sichere Seite, oder http://localhost auf dem Rechner, auf dem der Server läuft.",
  nothingWasChangedTheDevices: "Nichts wurde geändert: Die Frage des Geräts wurde geschlossen.",
  noConnection: "Keine Verbindung: Es wurde nicht getan. Versuchen Sie es gleich noch einmal.",
  noPasskeyWasUsedSign: "Kein Passkey wurde benutzt. Melden Sie sich mit Ihrem Passwort an.",
  signInWithAPasskey: "Mit einem Passkey anmelden",
  thisDeviceKeepsAPasskey: "Dieses Gerät hat schon einen Passkey für Sie.",
  passkeys: "Passkeys",
  aDevice: (device) => device || "Ein Gerät, das nicht sagt, was es ist",
  remove: "entfernen",
  aPasskey: "Noch ein Passkey",
  yourPassword: "Ihr Passwort",
  keptThisDeviceSigns: (made, trouble, said) =>
    made ? "Gespeichert: Dieses Gerät meldet Sie von nun an an." : trouble || said,
  keepAPasskey: "Einen Passkey auf diesem Gerät speichern",
};

export const peopleActions: typeof en.peopleActions = {
  thirtyPeopleAndOpenInvitations:
    "Dreißig Menschen und offene Einladungen sind das Höchste: Nehmen Sie zuerst eine zurück.",
  aStudioKeepsAnOwner:
    "Eine Werkstatt behält jemanden, dem sie gehört: Machen Sie zuerst jemand anderen dazu.",
  thatPersonIsNotHere: "Diesen Menschen gibt es hier nicht mehr.",
  typeIt: "Tippen Sie es, wie es jetzt ist.",
  nothingWasErased: "Nichts wurde gelöscht.",
  somethingIsMissing: "Es fehlt etwas.",
  chooseAnotherPassword: "Wählen Sie ein anderes Passwort.",
  tooManyTriesFromHere: "Zu viele Versuche von hier. Warten Sie eine Stunde.",
  thatDidNotWork:
    "Das ging nicht: Der Link wurde inzwischen benutzt oder zurückgenommen, oder diese E-Mail-Adresse hat schon ein Konto. Eine Adresse gehört zu einer Werkstatt: Nehmen Sie eine andere.",
};

export const peopleList: typeof en.peopleList = {
  you: "(Sie)",
  whatIs: (name) => `Was ${name} ist`,
  remove: "entfernen",
  theAccountOfGoes: (name) =>
    `Das Konto von ${name} verschwindet sofort, auf jedem Gerät. Was geplant und markiert wurde, bleibt.`,
  remove2: (name) => `${name} entfernen`,
  keepTheAccount: "Konto behalten",
  inviteA: "Einladen als",
  makeALinkToJoin: "Link zum Beitreten erzeugen",
  giveThisLink:
    "Geben Sie diesen Link einem Menschen: Er wird nicht wieder gezeigt, lässt den herein, der ihn zuerst öffnet, und endet nach einer Woche.",
  copy: "Kopieren",
  copied: "Kopiert",
  openInvitations: "Offene Einladungen",
  until: (until) => `bis ${until}`,
  takeItBack: "zurücknehmen",
};

export const personFields: typeof en.personFields = {
  yourName: "Ihr Name",
  eMailAddress: "E-Mail-Adresse",
};

export const session: typeof en.session = {
  onlyHostsOfThisStudio:
    "Das ändern nur Kursleitungen dieser Werkstatt. Fragen Sie eine von ihnen.",
  onlyOwnersOfThisStudio: "Das ändern nur Inhaber dieser Werkstatt. Fragen Sie sie.",
};

export const languageChoice: typeof en.languageChoice = {
  language: "Sprache dieses Geräts",
  whatIsInIt:
    "Die des Schreibtischs, auf diesem Gerät. Seiten der Teilnehmenden folgen deren Browsern. Was für einen Kurs vorgeschlagen wird (Schritte, Material, Vorsicht), Namen von Materialien und Gedrucktes sind bisher englisch.",
  notChanged: "Keine Verbindung: nicht geändert.",
};
