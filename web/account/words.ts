import { german } from "#german/account";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const accountActionsWords = /* @__PURE__ */ inLanguage(
  en.accountActions,
  () => german().accountActions,
);
export const accountFormsWords = /* @__PURE__ */ inLanguage(
  en.accountForms,
  () => german().accountForms,
);
export const actionsWords = /* @__PURE__ */ inLanguage(en.actions, () => german().actions);
export const againWords = /* @__PURE__ */ inLanguage(en.again, () => german().again);
export const formFieldsWords = /* @__PURE__ */ inLanguage(en.formFields, () => german().formFields);
export const formsWords = /* @__PURE__ */ inLanguage(en.forms, () => german().forms);
export const invitationWords = /* @__PURE__ */ inLanguage(en.invitation, () => german().invitation);
export const joinFormWords = /* @__PURE__ */ inLanguage(en.joinForm, () => german().joinForm);
export const passkeyActionsWords = /* @__PURE__ */ inLanguage(
  en.passkeyActions,
  () => german().passkeyActions,
);
export const passkeyWords = /* @__PURE__ */ inLanguage(en.passkey, () => german().passkey);
export const passkeysWords = /* @__PURE__ */ inLanguage(en.passkeys, () => german().passkeys);
export const peopleActionsWords = /* @__PURE__ */ inLanguage(
  en.peopleActions,
  () => german().peopleActions,
);
export const peopleListWords = /* @__PURE__ */ inLanguage(en.peopleList, () => german().peopleList);
export const personFieldsWords = /* @__PURE__ */ inLanguage(
  en.personFields,
  () => german().personFields,
);
export const sessionWords = /* @__PURE__ */ inLanguage(en.session, () => german().session);
export const languageChoiceWords = /* @__PURE__ */ inLanguage(
  en.languageChoice,
  () => german().languageChoice,
);
