/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const act = {
  thisCannotBeReadLoad: "This cannot be read. Load the page again, then try once more.",
  aSignInItCannot:
    "A sign in it cannot be kept: a null byte, as files hold that are no text. Take it out, or type it anew.",
};

export const postedJson = {
  tooMuchAtOnce: "Too much at once.",
};
