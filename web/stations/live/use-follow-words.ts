"use client";

import { createContext, useContext } from "react";
import { FOLLOW_EN, type FollowWords } from "./follow-words-en.ts";

const Spoken = createContext<FollowWords>(FOLLOW_EN);

export const FollowWordsProvider = Spoken.Provider;
/** The words for all that stands on the participant's phone. */
export const useFollowWords = (): FollowWords => useContext(Spoken);
